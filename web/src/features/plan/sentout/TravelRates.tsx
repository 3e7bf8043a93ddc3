import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount } from '@/ui/form/named'
import { filled, orNothing, useAmountRule } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'
import { minorText } from '@/ui/format/money'

/** What a kilometre costs and an hour on the road is worth: without them a far offer looks cheap. */
export function TravelRates({ kmMinor, hourMinor }: { kmMinor: number; hourMinor: number }) {
  const { t } = useTranslation()
  const { currency } = useFormat()
  const amount = orNothing(useAmountRule()(currency))
  const text = (minor: number) => (minor > 0 ? minorText(minor, currency) : '')
  const form = useFields(z.object({ kmMinor: amount, hourMinor: amount }), {
    kmMinor: text(kmMinor),
    hourMinor: text(hourMinor),
  })
  const save = useWrite(
    (rates: Schemas['RatesBody'], id) => unwrap(api.PUT('/api/travel-rates', { body: rates, ...write(id) })),
    { said: () => t('away.ratesKept') },
  )
  return (
    <Form
      form={form}
      save={save}
      label={t('save')}
      aside
      inRow
      onSubmit={(rates) => save.mutate({ kmMinor: 0, hourMinor: 0, ...filled(rates) })}
    >
      <Amount name="kmMinor" label={t('away.perKm')} currency={currency} />
      <Amount name="hourMinor" label={t('away.perHour')} currency={currency} />
    </Form>
  )
}
