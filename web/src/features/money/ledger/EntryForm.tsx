import { useState } from 'react'
import { entryKinds } from '@/api/generated/enums'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { conversionQuery, ordersQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { PhotoChoice, PhotosOnTheWay } from '@/ui/photos/SheetPhotos'
import { usePhotos } from '@/ui/photos/usePhotos'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import { isCurrency, minorText, parseMinor, useAmountProblem } from '@/ui/format/money'
import { SplitFields, splitsOf, type SplitDraft } from './SplitFields'
import { moneyQuery, type Entry } from '../budget/moneyQueries'

type Typed = {
  kind: Entry['kind']
  paidOn: string
  description: string
  currency: string
  amount: string
  rate: string
  returnBy: string
}

type Props = { projectId: string; base: string; entry?: Entry; orderId?: string; onClose: () => void }

/** A receipt or invoice as a draft; for an order, its shares are proposed from what was ordered. */
export function EntryForm(props: Props) {
  const orders = useQuery(ordersQuery(props.projectId))
  const money = useQuery(moneyQuery(props.projectId))
  if (!orders.data || !money.data) return null
  return <Form {...props} orders={orders.data} open={money.data.orderedNotPaid} />
}

type FormProps = Props & {
  orders: Schemas['Order'][]
  /** Orders that are still to be paid, of which this could be the invoice. */
  open: Schemas['OpenOrder'][]
}

function Form({ projectId, base, entry, orderId, orders, open, onClose }: FormProps) {
  const { t } = useTranslation()
  const format = useFormat()
  const [id] = useState(() => entry?.id ?? crypto.randomUUID())
  const [chosen, setChosen] = useState(orderId ?? entry?.orderId)
  const order = orders.find((o) => o.id === chosen)
  const [v, setV] = useState(() => {
    const blank: Typed = {
      kind: entry?.kind ?? 'PURCHASE',
      paidOn: entry?.paidOn ?? format.today(),
      description: entry?.description ?? '',
      currency: entry?.currency ?? base,
      amount: entry ? minorText(Math.abs(entry.amountMinor), entry.currency) : '',
      rate: String(entry?.rate ?? ''),
      returnBy: entry?.returnBy ?? '',
    }
    return entry || !order ? blank : invoiceOf(order, blank)
  })
  /** What the order says, where nothing was typed yet; its invoice is in its currency. */
  function invoiceOf(its: Schemas['Order'], typed: Typed): Typed {
    const total = its.postMinor + its.lines.reduce((sum, l) => sum + l.amountMinor, 0)
    const due = open.find((o) => o.orderId === its.id)?.openMinor ?? total
    return {
      ...typed,
      description: typed.description || t('money.invoiceFrom', { supplier: its.supplier }),
      currency: its.currency,
      amount: typed.amount || minorText(due, its.currency),
      rate: typed.rate || String(its.rate),
    }
  }
  function choose(answer: string) {
    const its = orders.find((o) => o.id === answer)
    setNotOrdered(answer === 'none')
    setChosen(its?.id)
    if (its) setV(invoiceOf(its, v))
  }
  const [notOrdered, setNotOrdered] = useState(false)
  const asksForOrder = !entry && !orderId && open.length > 0 && (v.kind === 'PURCHASE' || v.kind === 'SERVICE')
  const [splits, setSplits] = useState<SplitDraft[] | undefined>(
    entry?.splits.map((s) => ({ to: s.jobId ?? s.destination, amount: minorText(Math.abs(s.baseMinor), base) })),
  )
  const [recorded, setRecorded] = useState(false)
  const [wrong, setWrong] = useState<string>()
  const photos = usePhotos(`entry.${entry?.id ?? orderId ?? projectId}`, 'ENTRY')
  const foreign = v.currency !== base
  const amountProblem = useAmountProblem()
  const amountMinor = isCurrency(v.currency) ? parseMinor(v.amount, v.currency) : undefined
  const rate = foreign ? Number(v.rate.replace(',', '.')) : 1
  const conversion = useQuery(conversionQuery(v.currency, foreign ? amountMinor : undefined, rate))
  const baseMinor = foreign ? conversion.data?.baseMinor : amountMinor
  const save = useWrite(
    (fields: Schemas['EntryFields'], writeId) =>
      entry
        ? unwrap(
            api.PUT('/api/entries/{id}', {
              params: { path: { id } },
              body: { fields, version: entry.version },
              ...write(writeId),
            }),
          )
        : unwrap(
            api.POST('/api/projects/{projectId}/entries', {
              params: { path: { projectId } },
              body: { id, fields },
              ...write(writeId),
            }),
          ),
    {
      said: (fields) => t('money.isDraft', { what: fields.description }),
      done: () => {
        setRecorded(true)
        void photos.send(id).then((all) => all && onClose())
      },
    },
  )
  function submit() {
    if (asksForOrder && !order && !notOrdered) return setWrong(t('money.orderMissing'))
    const unread = amountProblem(v.amount, v.currency)
    if (unread) return setWrong(unread)
    if (amountMinor === undefined || amountMinor <= 0) return setWrong(t('moneyWrong'))
    if (!(rate > 0)) return setWrong(t('parts.rateWrong', { currency: v.currency, base }))
    const shares = splits ? splitsOf(splits, base) : undefined
    if (splits && !shares)
      return setWrong(splits.map((s) => amountProblem(s.amount, base)).find((p) => p) ?? t('moneyWrong'))
    if (v.kind === 'DEPOSIT_PAID' && v.returnBy === '') return setWrong(t('money.returnByMissing'))
    setWrong(undefined)
    const paidFor = order?.id ?? entry?.orderId
    save.mutate({
      kind: v.kind,
      paidOn: v.paidOn,
      description: v.description,
      currency: v.currency,
      amountMinor,
      rate,
      rateOn: v.paidOn,
      ...(v.kind === 'DEPOSIT_PAID' && { returnBy: v.returnBy }),
      ...(paidFor ? { orderId: paidFor } : {}),
      ...(order ? { supplierId: order.supplierId } : entry?.supplierId ? { supplierId: entry.supplierId } : {}),
      ...(shares ? { splits: shares } : {}),
    })
  }
  const put = (change: Partial<Typed>) => setV({ ...v, ...change })
  const title = entry ? t('money.edit') : order ? t('money.invoiceFrom', { supplier: order.supplier }) : t('money.add')
  const discard = () => {
    photos.mine.forEach((p) => photos.remove(p.id))
    onClose()
  }
  if (recorded)
    return (
      <Sheet title={title} onClose={onClose}>
        <PhotosOnTheWay photos={photos} onDone={onClose} />
      </Sheet>
    )
  return (
    <Sheet title={title} onClose={discard}>
      <form
        className="grid gap-3"
        noValidate
        onSubmit={(e) => {
          e.preventDefault()
          submit()
        }}
      >
        <PhotoChoice photos={photos} receipts />
        {asksForOrder && (
          <Choice
            label={t('money.whichOrder')}
            hint={t('money.chooseOrder')}
            value={order?.id ?? (notOrdered ? 'none' : '')}
            onChange={(e) => choose(e.target.value)}
          >
            <option value="">–</option>
            {open.map((o) => (
              <option key={o.orderId} value={o.orderId}>
                {t('money.orderChoice', { supplier: o.supplier, open: format.money(o.openMinor, o.currency) })}
              </option>
            ))}
            <option value="none">{t('money.noOrder')}</option>
          </Choice>
        )}
        <TextField
          label={t('money.description')}
          value={v.description}
          maxLength={120}
          onChange={(e) => put({ description: e.target.value })}
        />
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label={t('money.amountPaid')}
            inputMode="decimal"
            value={v.amount}
            onChange={(e) => put({ amount: e.target.value })}
          />
          <TextField
            label={t('money.currency')}
            maxLength={3}
            disabled={!!order}
            value={v.currency}
            onChange={(e) => put({ currency: e.target.value.toUpperCase() })}
          />
          {foreign && (
            <TextField
              label={t('parts.rate', { currency: v.currency, base })}
              inputMode="decimal"
              value={v.rate}
              onChange={(e) => put({ rate: e.target.value })}
            />
          )}
          <TextField
            label={t('money.paidOn')}
            type="date"
            value={v.paidOn}
            onChange={(e) => put({ paidOn: e.target.value })}
          />
          <Choice
            label={t('money.kind')}
            value={v.kind}
            onChange={(e) => put({ kind: e.target.value as Entry['kind'] })}
          >
            {entryKinds.map((k) => (
              <option key={k} value={k}>
                {t(`entryKind.${k}`)}
              </option>
            ))}
          </Choice>
          {v.kind === 'DEPOSIT_PAID' && (
            <TextField
              label={t('money.returnBy')}
              type="date"
              value={v.returnBy}
              onChange={(e) => put({ returnBy: e.target.value })}
            />
          )}
        </div>
        {foreign && baseMinor !== undefined && <p className="font-semibold">= {format.money(baseMinor, base)}</p>}
        <SplitFields
          projectId={projectId}
          base={base}
          total={baseMinor}
          splits={splits}
          onChange={setSplits}
          {...(order && amountMinor !== undefined && rate > 0
            ? { proposal: { orderId: order.id, amountMinor, rate } }
            : {})}
        />
        {wrong && (
          <p role="alert" className="font-semibold text-error">
            {wrong}
          </p>
        )}
        <ProblemAlert error={save.error} />
        <button type="submit" className="btn btn-primary" disabled={save.isPending}>
          {t('money.saveDraft')}
        </button>
      </form>
    </Sheet>
  )
}
