import { useQuery } from '@tanstack/react-query'
import { Controller, useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { conversionQuery } from '@/api/queries'
import { FormWrong } from '@/ui/form/Form'
import { Amount, Decimal, Line, Pick } from '@/ui/form/named'
import { numberOf } from '@/ui/form/rules'
import { useFormat } from '@/ui/format/format'
import { NOT_ORDERED, typedKinds, type EntryText } from './entryText'
import { SplitFields } from './SplitFields'
import { minorOf } from './useEntryRules'

type Props = {
  projectId: string
  base: string
  asksForOrder: (kind: string) => boolean
  open: Schemas['OpenOrder'][]
  onOrder: (chosen: string) => void
}

/** What an entry says, and where its amount goes. */
export function EntryFields({ projectId, base, asksForOrder, open, onOrder }: Props) {
  const { t } = useTranslation()
  const format = useFormat()
  const { control } = useFormContext<EntryText>()
  const v = useWatch({ control }) as EntryText
  const currency = v.currency.toUpperCase()
  const foreign = currency !== base
  const amountMinor = minorOf(v.amount, currency)
  const rate = foreign ? numberOf(v.rate) : 1
  const conversion = useQuery(conversionQuery(currency, foreign ? amountMinor : undefined, rate))
  const baseMinor = foreign ? conversion.data?.baseMinor : amountMinor
  const ordered = v.order !== '' && v.order !== NOT_ORDERED
  const choiceOf = new Map(
    open.map((o) => [
      o.orderId,
      t('money.orderChoice', { supplier: o.supplier, open: format.money(o.openMinor, o.currency) }),
    ]),
  )
  return (
    <>
      {asksForOrder(v.kind) && (
        <Pick
          name="order"
          label={t('money.whichOrder')}
          hint={t('money.chooseOrder')}
          none="–"
          of={[...choiceOf.keys(), NOT_ORDERED]}
          say={(id) => choiceOf.get(id) ?? t('money.noOrder')}
          onChosen={onOrder}
        />
      )}
      <Line name="description" label={t('money.description')} />
      <div className="grid grid-cols-2 gap-3">
        <Amount name="amount" label={t('money.amountPaid')} currency={currency} />
        <Line name="currency" label={t('money.currency')} maxLength={3} readOnly={ordered} />
        {foreign && <Decimal name="rate" label={t('parts.rate', { currency, base })} />}
        <Line name="paidOn" label={t('money.paidOn')} type="date" />
        <Pick name="kind" label={t('money.kind')} of={typedKinds} say={(k) => t(`entryKind.${k}`)} />
        {v.kind === 'DEPOSIT_PAID' && <Line name="returnBy" label={t('money.returnBy')} type="date" />}
      </div>
      {foreign && baseMinor !== undefined && <p className="font-semibold">= {format.money(baseMinor, base)}</p>}
      <Controller
        name="splits"
        control={control}
        render={({ field }) => (
          <SplitFields
            projectId={projectId}
            base={base}
            total={baseMinor}
            splits={field.value}
            onChange={field.onChange}
            {...(ordered &&
              amountMinor !== undefined &&
              rate > 0 && { proposal: { orderId: v.order, amountMinor, rate } })}
          />
        )}
      />
      <FormWrong of={['splits']} />
    </>
  )
}
