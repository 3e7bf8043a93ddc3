import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount } from '@/ui/form/named'
import { filled, orNothing, useAmountRule } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { minorText } from '@/ui/format/money'

/** What an hour at a workshop costs here, which carries the price level into every proposed cost; and whether all cars spend from one purse. */
export function Prices({ garage }: { garage: Schemas['GarageResponse'] }) {
  const { t } = useTranslation()
  const currency = garage.baseCurrency
  const amount = orNothing(useAmountRule()(currency))
  const text = (minor?: number) => (minor === undefined ? '' : minorText(minor, currency))
  const form = useFields(z.object({ workshopHourMinor: amount, commonMonthlyMinor: amount }), {
    workshopHourMinor: text(garage.workshopHourMinor),
    commonMonthlyMinor: text(garage.commonMonthlyMinor),
  })
  const save = useWrite(
    (body: Schemas['GarageRequest'], id) => unwrap(api.PUT('/api/garage', { body, ...write(id) })),
    { said: () => t('garage.hourSaved') },
  )
  return (
    <Form
      form={form}
      save={save}
      label={t('save')}
      aside
      onSubmit={(prices) => {
        const { name, zone, locale, version } = garage
        save.mutate({ name, zone, locale, version, ...filled(prices) })
      }}
    >
      <Amount
        name="workshopHourMinor"
        label={t('garage.hour', { currency })}
        hint={t('garage.hourHint')}
        currency={currency}
      />
      <Amount
        name="commonMonthlyMinor"
        label={t('garage.purse', { currency })}
        hint={t('garage.purseHint')}
        currency={currency}
      />
    </Form>
  )
}
