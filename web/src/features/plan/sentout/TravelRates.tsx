import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { AmountField, amountOf } from '@/ui/form/AmountField'
import { ProblemAlert } from '@/ui/page/Feedback'
import { useFormat } from '@/ui/format/format'
import { minorText } from '@/ui/format/money'

/** What a kilometre costs and an hour on the road is worth: without them a far offer looks cheap. */
export function TravelRates({ kmMinor, hourMinor }: { kmMinor: number; hourMinor: number }) {
  const { t } = useTranslation()
  const format = useFormat()
  const text = (minor: number) => (minor > 0 ? minorText(minor, format.currency) : '')
  const [km, setKm] = useState(text(kmMinor))
  const [hour, setHour] = useState(text(hourMinor))
  const minorOf = (typed: string) => (typed.trim() === '' ? 0 : amountOf(typed, format.currency))
  const body = { kmMinor: minorOf(km), hourMinor: minorOf(hour) }
  const save = useWrite(
    (rates: Schemas['RatesBody'], id) => unwrap(api.PUT('/api/travel-rates', { body: rates, ...write(id) })),
    { said: () => t('away.ratesKept') },
  )
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        if (body.kmMinor !== undefined && body.hourMinor !== undefined)
          save.mutate({ kmMinor: body.kmMinor, hourMinor: body.hourMinor })
      }}
    >
      <AmountField label={t('away.perKm')} value={km} currency={format.currency} onChange={setKm} />
      <AmountField label={t('away.perHour')} value={hour} currency={format.currency} onChange={setHour} />
      <button type="submit" className="btn" disabled={save.isPending}>
        {t('save')}
      </button>
      <ProblemAlert error={save.error} />
    </form>
  )
}
