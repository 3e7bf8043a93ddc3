import { addDays, formatISO, parseISO } from 'date-fns'
import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { conversionQuery, suppliersQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import { parseMinor, useAmountProblem } from '@/ui/format/money'
import { SupplierFields } from '../supplier/SupplierFields'

const plusDays = (day: string, days: number) => formatISO(addDays(parseISO(day), days), { representation: 'date' })

/** One order of one or more parts: from whom, for how much in their currency, and when it should come. */
export function OrderForm({
  projectId,
  needs,
  onClose,
}: {
  projectId: string
  needs: Schemas['Need'][]
  onClose: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const [id] = useState(() => crypto.randomUUID())
  const suppliers = useQuery(suppliersQuery)
  const [supplierId, setSupplierId] = useState('')
  const supplier = suppliers.data?.find((s) => s.id === supplierId)
  const currency = supplier?.currency ?? format.currency
  const [rate, setRate] = useState('')
  const [post, setPost] = useState('')
  const [reference, setReference] = useState('')
  const [orderedOn, setOrderedOn] = useState(format.today())
  const [expectedOn, setExpectedOn] = useState(plusDays(format.today(), Math.max(...needs.map((n) => n.leadDays))))
  const [amounts, setAmounts] = useState<Record<string, string>>({})
  const [wrong, setWrong] = useState<string>()
  const foreign = currency !== format.currency
  const amountProblem = useAmountProblem()
  const order = useWrite(
    (body: Schemas['NewOrderRequest'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/orders', { params: { path: { projectId } }, body, ...write(writeId) }),
      ),
    { said: (_, o) => t('parts.isOrdered', { count: o.lines.length, supplier: o.supplier }), done: onClose },
  )
  const amountOf = (needId: string) => (amounts[needId]?.trim() ? parseMinor(amounts[needId], currency) : undefined)
  const total = needs.reduce((sum, n) => sum + (amountOf(n.id) ?? 0), 0) + (parseMinor(post, currency) ?? 0)
  const rateNumber = foreign ? Number(rate.replace(',', '.')) : 1
  const conversion = useQuery(conversionQuery(currency, foreign ? total : undefined, rateNumber))

  function submit() {
    const lines = needs.map((n) => ({ needId: n.id, amountMinor: amountOf(n.id) }))
    const postMinor = post.trim() === '' ? 0 : parseMinor(post, currency)
    if (!supplier) return setWrong(t('parts.supplierMissing'))
    if (lines.some((l) => l.amountMinor === undefined) || postMinor === undefined) {
      const typed = [...needs.map((n) => amounts[n.id] ?? ''), ...(post.trim() === '' ? [] : [post])]
      return setWrong(typed.map((a) => amountProblem(a, currency)).find((p) => p))
    }
    if (foreign && !(rateNumber > 0)) return setWrong(t('parts.rateWrong', { currency, base: format.currency }))
    setWrong(undefined)
    order.mutate({
      id,
      supplierId,
      reference,
      currency,
      rate: rateNumber,
      rateOn: orderedOn,
      postMinor,
      orderedOn,
      expectedOn,
      lines: lines as { needId: string; amountMinor: number }[],
    })
  }
  return (
    <Sheet title={t('parts.orderTitle', { count: needs.length })} onClose={onClose}>
      <form
        className="grid gap-3"
        noValidate
        onSubmit={(e) => {
          e.preventDefault()
          submit()
        }}
      >
        <Choice label={t('parts.supplier')} value={supplierId} onChange={(e) => setSupplierId(e.target.value)}>
          <option value="">{t('parts.chooseSupplier')}</option>
          {suppliers.data?.map((s) => (
            <option key={s.id} value={s.id}>
              {s.name} ({s.currency})
            </option>
          ))}
        </Choice>
        <SupplierFields onMade={setSupplierId} />
        {needs.map((n) => (
          <TextField
            key={n.id}
            label={t('parts.amountOf', { part: n.quantity > 1 ? `${n.quantity} × ${n.title}` : n.title, currency })}
            hint={
              n.estimateMinor
                ? t('parts.estimated', { money: format.money(n.estimateMinor, format.currency) })
                : undefined
            }
            inputMode="decimal"
            value={amounts[n.id] ?? ''}
            onChange={(e) => setAmounts({ ...amounts, [n.id]: e.target.value })}
          />
        ))}
        <div className="grid grid-cols-2 gap-3">
          <TextField
            label={t('parts.post', { currency })}
            inputMode="decimal"
            value={post}
            onChange={(e) => setPost(e.target.value)}
          />
          {foreign && (
            <TextField
              label={t('parts.rate', { currency, base: format.currency })}
              inputMode="decimal"
              value={rate}
              onChange={(e) => setRate(e.target.value)}
            />
          )}
          <TextField
            label={t('parts.orderedOn')}
            type="date"
            value={orderedOn}
            onChange={(e) => setOrderedOn(e.target.value)}
          />
          <TextField
            label={t('parts.expectedOn')}
            type="date"
            value={expectedOn}
            onChange={(e) => setExpectedOn(e.target.value)}
          />
        </div>
        <TextField
          label={t('parts.reference')}
          value={reference}
          maxLength={120}
          onChange={(e) => setReference(e.target.value)}
        />
        <p className="font-semibold">
          {t('parts.total', { money: format.money(total, currency) })}
          {foreign && conversion.data && ` = ${format.money(conversion.data.baseMinor, format.currency)}`}
        </p>
        {wrong && (
          <p role="alert" className="font-semibold text-error">
            {wrong}
          </p>
        )}
        <ProblemAlert error={order.error} />
        <button type="submit" className="btn btn-primary" disabled={order.isPending}>
          {t('parts.recordOrder')}
        </button>
      </form>
    </Sheet>
  )
}
