import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { AmountField, amountOf } from '@/ui/form/AmountField'
import { minorText } from '@/ui/format/money'

/** What an hour at a workshop costs here, which carries the price level into every proposed cost; and whether all cars spend from one purse. */
export function Prices({ garage }: { garage: Schemas['GarageResponse'] }) {
  const { t } = useTranslation()
  const currency = garage.baseCurrency
  const [typed, setTyped] = useState(garage.workshopHourMinor ? minorText(garage.workshopHourMinor, currency) : '')
  const [purse, setPurse] = useState(
    garage.commonMonthlyMinor === undefined ? '' : minorText(garage.commonMonthlyMinor, currency),
  )
  const minor = amountOf(typed, currency)
  const purseMinor = amountOf(purse, currency)
  const save = useWrite(
    (body: Schemas['GarageRequest'], id) => unwrap(api.PUT('/api/garage', { body, ...write(id) })),
    { said: () => t('garage.hourSaved') },
  )
  return (
    <form
      className="grid gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        const { name, zone, locale, units, version } = garage
        if (minor !== undefined && purseMinor !== undefined)
          save.mutate({
            name,
            zone,
            locale,
            units,
            version,
            ...(typed.trim() && { workshopHourMinor: minor }),
            ...(purse.trim() && { commonMonthlyMinor: purseMinor }),
          })
      }}
    >
      <AmountField
        label={t('garage.hour', { currency })}
        hint={t('garage.hourHint')}
        value={typed}
        currency={currency}
        onChange={setTyped}
      />
      <AmountField
        label={t('garage.purse', { currency })}
        hint={t('garage.purseHint')}
        value={purse}
        currency={currency}
        onChange={setPurse}
      />
      <ProblemAlert error={save.error} />
      <div>
        <button type="submit" className="btn" disabled={save.isPending}>
          {t('save')}
        </button>
      </div>
    </form>
  )
}
