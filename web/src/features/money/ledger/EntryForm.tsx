import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { ordersQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'
import { PhotoChoice, PhotosOnTheWay } from '@/ui/photos/SheetPhotos'
import { usePhotos } from '@/ui/photos/usePhotos'
import { moneyQuery, type Entry } from '../budget/moneyQueries'
import { EntryFields } from './EntryFields'
import { blankEntry, invoiceOf, paidText, textOf, type Paid, type TypedKind } from './entryText'
import { useEntryRules } from './useEntryRules'

/** @param refund the money for what went back has come, not the invoice */
type Props = {
  projectId: string
  base: string
  entry?: Entry
  orderId?: string
  refund?: boolean
  /** What it is, where that is known from where one came. */
  kind?: TypedKind | undefined
  /** What the bank says of it. */
  paid?: Paid
  onBooked?: (entryId: string) => void
  onClose: () => void
}

/** A receipt or invoice as a draft; for an order, its shares are proposed from what was ordered. */
export function EntryForm(props: Props) {
  const orders = useQuery(ordersQuery(props.projectId))
  const money = useQuery(moneyQuery(props.projectId))
  if (!orders.data || !money.data) return null
  return (
    <EntryDraft {...props} orders={orders.data} open={money.data.orderedNotPaid} due={money.data.refundsExpected} />
  )
}

/** @param open orders that are still to be paid, of which this could be the invoice */
function EntryDraft({
  projectId,
  base,
  entry,
  orderId,
  refund = false,
  kind,
  paid,
  onBooked,
  orders,
  open,
  due,
  onClose,
}: Props & { orders: Schemas['Order'][]; open: Schemas['OpenOrder'][]; due: Schemas['RefundDue'][] }) {
  const { t } = useTranslation()
  const { today } = useFormat()
  const [id] = useState(() => entry?.id ?? crypto.randomUUID())
  const [recorded, setRecorded] = useState(false)
  const photos = usePhotos(`entry.${entry?.id ?? orderId ?? projectId}`, 'ENTRY')
  const orderOf = (known: string | undefined) => orders.find((o) => o.id === known)
  const blank = { ...blankEntry(base, today()), ...(kind && { kind }), ...(paid && paidText(paid, base)) }
  const invoice = (order: Schemas['Order'], typed = blank) =>
    invoiceOf(
      order,
      open.find((o) => o.orderId === order.id)?.openMinor,
      t('money.invoiceFrom', { supplier: order.supplier }),
      typed,
    )
  const asksForOrder = (kind: string) =>
    !entry && !orderId && open.length > 0 && (kind === 'PURCHASE' || kind === 'SERVICE')
  const paidFor = orderOf(orderId)
  const titleOf = (order: Schemas['Order']) =>
    t(refund ? 'money.refundFrom' : 'money.invoiceFrom', { supplier: order.supplier })
  const moneyBack = (order: Schemas['Order']) => ({
    ...invoiceOf(order, due.find((d) => d.orderId === order.id)?.minor ?? 0, titleOf(order), blankEntry(base, today())),
    kind: 'REFUND' as const,
  })
  const form = useFields(
    useEntryRules(base, asksForOrder),
    entry ? textOf(entry, base) : paidFor ? (refund ? moneyBack : invoice)(paidFor) : blank,
  )
  const save = useWrite(
    ({ fields, booked }: { fields: Schemas['EntryFields']; booked: boolean }, writeId) =>
      entry
        ? unwrap(
            api.PUT('/api/entries/{id}', {
              params: { path: { id } },
              body: { fields, version: entry.version, booked },
              ...write(writeId),
            }),
          )
        : unwrap(
            api.POST('/api/projects/{projectId}/entries', {
              params: { path: { projectId } },
              body: { id, fields, booked },
              ...write(writeId),
            }),
          ),
    {
      said: ({ fields, booked }) => t(booked ? 'money.isPosted' : 'money.isDraft', { what: fields.description }),
      done: (_, { booked }) => {
        if (booked) onBooked?.(id)
        setRecorded(true)
        void photos.send(id).then((all) => all && onClose())
      },
    },
  )
  const title = entry ? t('money.edit') : paidFor ? titleOf(paidFor) : t('money.add')
  if (recorded)
    return (
      <Sheet title={title} onClose={onClose}>
        <PhotosOnTheWay photos={photos} onDone={onClose} />
      </Sheet>
    )
  const discard = () => {
    photos.mine.forEach((p) => photos.remove(p.id))
    onClose()
  }
  return (
    <Sheet title={title} onClose={discard}>
      <Form
        form={form}
        save={save}
        label={t('money.post')}
        also={t('money.saveDraft')}
        onSubmit={({ order, fields }, later) => {
          const belongsTo = orderOf(order)
          const supplierId = belongsTo?.supplierId ?? entry?.supplierId ?? paid?.supplierId
          save.mutate({
            booked: !later,
            fields: {
              ...fields,
              ...(belongsTo && { orderId: belongsTo.id }),
              ...(supplierId && { supplierId }),
            },
          })
        }}
      >
        <PhotoChoice photos={photos} receipts />
        <EntryFields
          projectId={projectId}
          base={base}
          asksForOrder={asksForOrder}
          open={open}
          onOrder={(chosen) => {
            const order = orderOf(chosen)
            if (order) form.reset(invoice(order, form.getValues() as never), { keepDefaultValues: true })
          }}
        />
      </Form>
    </Sheet>
  )
}
