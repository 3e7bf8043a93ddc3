import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount } from '@/ui/form/named'
import { orNothing, useAmountRule } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'
import { minorText } from '@/ui/format/money'
import { useUnits } from '@/ui/format/units'

const THOUSAND = 1_000

/** What a kilometre or mile costs and an hour on the road is worth: without them a far offer looks cheap. */
export function TravelRates({ thousandKmMinor, hourMinor }: Schemas['RatesBody']) {
  const { t } = useTranslation()
  const units = useUnits()
  const km = units.inOne('KILOMETRE')
  const shown = Math.round((thousandKmMinor * km) / THOUSAND)
  const { currency } = useFormat()
  const amount = orNothing(useAmountRule()(currency))
  const text = (minor: number) => (minor > 0 ? minorText(minor, currency) : '')
  const form = useFields(z.object({ thousandKmMinor: amount, hourMinor: amount }), {
    thousandKmMinor: text(shown),
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
      onSubmit={({ thousandKmMinor: one = 0, hourMinor = 0 }) =>
        // what nobody changed is not rounded again
        save.mutate({ thousandKmMinor: one === shown ? thousandKmMinor : Math.round((one * THOUSAND) / km), hourMinor })
      }
    >
      <Amount
        name="thousandKmMinor"
        label={t(units.shown('KILOMETRE') === 'MILE' ? 'away.perMile' : 'away.perKm')}
        currency={currency}
      />
      <Amount name="hourMinor" label={t('away.perHour')} currency={currency} />
    </Form>
  )
}
