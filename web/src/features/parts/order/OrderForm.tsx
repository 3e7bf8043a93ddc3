import { addDays, formatISO, parseISO } from 'date-fns'
import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { conversionQuery, suppliersQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount, Decimal, Line, Pick, Whole } from '@/ui/form/named'
import { numberOf } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { useAmounts } from '@/ui/format/amounts'
import { useFormat } from '@/ui/format/format'
import { minorText, parseMinor } from '@/ui/format/money'
import type { Offered } from '../basket/BasketCard'
import { SellerSays } from '../supplier/SellerSays'
import { SupplierFields } from '../supplier/SupplierFields'
import { DepositFields } from './DepositFields'
import { useOrderRules } from './useOrderRules'

const plusDays = (day: string, days: number) => formatISO(addDays(parseISO(day), days), { representation: 'date' })

const empty = { supplierId: '', rate: '', post: '', reference: '', returnDays: '', deposit: '', depositReturnBy: '' }

type Props = {
  projectId: string
  needs: Schemas['Need'][]
  /** As a seller offered it, in his currency. */
  offered?: Offered
  onClose: () => void
}

/** One order of one or more parts: from whom, for how much in their currency, and when it should come. */
export function OrderForm({ projectId, needs, offered, onClose }: Props) {
  const { t } = useTranslation()
  const format = useFormat()
  const amount = useAmounts()
  const [id] = useState(() => crypto.randomUUID())
  const [depositId] = useState(() => crypto.randomUUID())
  const { data: suppliers } = useQuery(suppliersQuery)
  const spare = offered?.spare ?? {}
  const supplierOf = (known: string) => suppliers?.find((s) => s.id === known)
  const currencyOf = (supplierId: string) => supplierOf(supplierId)?.currency ?? format.currency
  const offeredText = (needId: string) => {
    const minor = offered?.amounts[needId]
    return minor === undefined ? '' : minorText(minor, currencyOf(offered!.supplierId))
  }
  const termsOf = (o: NonNullable<Props['offered']>) => ({
    supplierId: o.supplierId,
    rate: String(supplierOf(o.supplierId)?.rate ?? ''),
    post: minorText(o.postMinor, currencyOf(o.supplierId)),
    returnDays: String(supplierOf(o.supplierId)?.returnDays ?? ''),
    deposit: o.depositMinor > 0 ? minorText(o.depositMinor, currencyOf(o.supplierId)) : '',
  })
  const form = useFields(useOrderRules(currencyOf, format.currency), {
    ...empty,
    ...(offered && termsOf(offered)),
    amounts: Object.fromEntries(needs.map((n) => [n.id, offeredText(n.id)])),
    orderedOn: format.today(),
    expectedOn: plusDays(format.today(), offered?.leadDays ?? Math.max(...needs.map((n) => n.leadDays))),
  })
  const v = useWatch({ control: form.control })
  const currency = currencyOf(v.supplierId ?? '')
  const chosen = supplierOf(v.supplierId ?? '')
  const foreign = currency !== format.currency
  const typed = [...Object.values(v.amounts ?? {}), v.post ?? '']
  const total = typed.reduce((sum, one) => sum + (parseMinor(one ?? '', currency) ?? 0), 0)
  const conversion = useQuery(
    conversionQuery(currency, foreign ? total : undefined, foreign ? numberOf(v.rate ?? '') : 1),
  )
  const order = useWrite(
    (body: Schemas['NewOrderRequest'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/orders', { params: { path: { projectId } }, body, ...write(writeId) }),
      ),
    { said: (_, o) => t('parts.isOrdered', { count: o.lines.length, supplier: o.supplier }), done: onClose },
  )
  return (
    <Sheet title={t('parts.orderTitle', { count: needs.length })} onClose={onClose}>
      <Form
        form={form}
        save={order}
        label={t('parts.recordOrder')}
        onSubmit={({ lines, left, ...body }) =>
          order.mutate({
            id,
            ...body,
            ...(left && { deposit: { entryId: depositId, ...left } }),
            lines: lines.map((l) => ({ ...l, ...(spare[l.needId] && { sparePieces: spare[l.needId] }) })),
          })
        }
      >
        <Pick
          name="supplierId"
          label={t('parts.supplier')}
          none={t('parts.chooseSupplier')}
          of={suppliers?.map((s) => s.id) ?? []}
          say={(s) => `${supplierOf(s)!.name} (${currencyOf(s)})`}
        />
        {chosen && <SellerSays seller={chosen} />}
        <SupplierFields onMade={(made) => form.setValue('supplierId', made)} />
        {needs.map((n) => (
          <Amount
            key={n.id}
            name={`amounts.${n.id}`}
            label={t('parts.amountOf', {
              part: n.unit !== 'PIECE' || n.quantity > 1 ? `${amount(n)} × ${n.title}` : n.title,
              currency,
            })}
            hint={!!n.estimateMinor && t('parts.estimated', { money: format.money(n.estimateMinor, format.currency) })}
            currency={currency}
          />
        ))}
        <div className="grid grid-cols-2 gap-3">
          <Amount name="post" label={t('parts.post', { currency })} currency={currency} />
          {foreign && <Decimal name="rate" label={t('parts.rate', { currency, base: format.currency })} />}
          <Line name="orderedOn" label={t('parts.orderedOn')} type="date" />
          <Line name="expectedOn" label={t('parts.expectedOn')} type="date" />
          <Whole name="returnDays" label={t('seller.returns')} />
        </div>
        <DepositFields currency={currency} open={!!offered?.depositMinor} />
        <Line name="reference" label={t('parts.reference')} />
        {needs
          .filter((n) => spare[n.id])
          .map((n) => (
            <p key={n.id} className="text-sm">
              {t('parts.spare', { amount: amount({ quantity: spare[n.id]!, unit: n.unit }), part: n.title })}
            </p>
          ))}
        <p className="font-semibold">
          {t('parts.total', { money: format.money(total, currency) })}
          {foreign && conversion.data && ` = ${format.money(conversion.data.baseMinor, format.currency)}`}
        </p>
      </Form>
    </Sheet>
  )
}
