import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/Feedback'
import { AmountField, amountOf } from '@/ui/AmountField'
import { minorText } from '@/ui/format'

/** What an hour at a workshop costs here: it carries the price level into every proposed cost. */
export function WorkshopHour({ garage }: { garage: Schemas['GarageResponse'] }) {
  const { t } = useTranslation()
  const currency = garage.baseCurrency
  const [typed, setTyped] = useState(garage.workshopHourMinor ? minorText(garage.workshopHourMinor, currency) : '')
  const minor = amountOf(typed, currency)
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
        if (minor !== undefined)
          save.mutate({ name, zone, locale, units, version, ...(typed.trim() && { workshopHourMinor: minor }) })
      }}
    >
      <AmountField
        label={t('garage.hour', { currency })}
        hint={t('garage.hourHint')}
        value={typed}
        currency={currency}
        onChange={setTyped}
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
