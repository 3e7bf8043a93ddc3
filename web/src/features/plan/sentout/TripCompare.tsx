import { useMutation } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Printer } from 'lucide-react'
import { api, unwrap, write } from '@/api/client'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { useFormat } from '@/ui/format/format'
import { numberOf } from '@/ui/form/rules'
import { useUnits } from '@/ui/format/units'
import { useDraft } from '@/ui/form/useDraft'

/** A place to go to: how far from home, how far on to the next, what goes there and what is fetched. */
type Stop = { where: string; fromHome: string; toNext: string; what: string }
const empty: Stop = { where: '', fromHome: '', toNext: '', what: '' }
const initial = { stops: [empty, empty] }
const MOST_STOPS = 6

/** Several errands on one way against each by itself; the list goes along on paper. */
export function TripCompare({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const [{ stops }, keep] = useDraft(`trip.${projectId}`, initial)
  const format = useFormat()
  const units = useUnits()
  const km = (typed: string) => Math.round(units.typed(numberOf(typed), 'KILOMETRE'))
  const wrong = (typed: string) => (typed.trim() !== '' && !(km(typed) >= 0) ? t('form.number') : undefined)
  const ways = stops.flatMap((s, i) => (i < stops.length - 1 ? [s.fromHome, s.toNext] : [s.fromHome]))
  const unit = units.word('KILOMETRE')
  const distance = (far: number) => units.say(far, 'KILOMETRE')
  const setStops = (some: Stop[]) => keep({ stops: some })
  const put = (i: number, change: Partial<Stop>) => setStops(stops.map((s, j) => (i === j ? { ...s, ...change } : s)))
  const compare = useMutation({
    mutationFn: () =>
      unwrap(
        api.POST('/api/trips', {
          body: {
            fromHomeKm: stops.map((s) => km(s.fromHome)),
            betweenKm: stops.slice(0, -1).map((s) => km(s.toNext)),
          },
          ...write(crypto.randomUUID()),
        }),
      ),
  })
  return (
    <form
      className="grid gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        compare.mutate()
      }}
    >
      {stops.map((s, i) => (
        <fieldset key={i} className="grid gap-2 border-b border-base-300 pb-3">
          <legend className="font-semibold">{t('trip.stop', { number: i + 1 })}</legend>
          <TextField
            label={t('trip.where')}
            value={s.where}
            maxLength={120}
            onChange={(e) => put(i, { where: e.target.value })}
          />
          <TextField
            label={t('trip.what')}
            value={s.what}
            maxLength={200}
            onChange={(e) => put(i, { what: e.target.value })}
          />
          <div className="grid grid-cols-2 items-start gap-3">
            <TextField
              label={t('units.of', { what: t('trip.fromHome'), unit })}
              inputMode="decimal"
              error={wrong(s.fromHome)}
              value={s.fromHome}
              onChange={(e) => put(i, { fromHome: e.target.value })}
            />
            {i < stops.length - 1 && (
              <TextField
                label={t('units.of', { what: t('trip.toNext'), unit })}
                inputMode="decimal"
                error={wrong(s.toNext)}
                value={s.toNext}
                onChange={(e) => put(i, { toNext: e.target.value })}
              />
            )}
          </div>
        </fieldset>
      ))}
      <div className="no-print flex flex-wrap gap-2">
        <button type="submit" className="btn" disabled={compare.isPending || !ways.every((typed) => km(typed) >= 0)}>
          {t('trip.compare')}
        </button>
        {stops.length < MOST_STOPS && (
          <button type="button" className="btn btn-ghost" onClick={() => setStops([...stops, empty])}>
            {t('trip.another')}
          </button>
        )}
        {stops.length > 1 && (
          <button type="button" className="btn btn-ghost" onClick={() => setStops(stops.slice(0, -1))}>
            {t('trip.fewer')}
          </button>
        )}
        <button type="button" className="btn btn-ghost" onClick={() => window.print()}>
          <Printer className="size-5" aria-hidden="true" />
          {t('trip.print')}
        </button>
      </div>
      <ProblemAlert error={compare.error} />
      {compare.data && (
        <p role="status" className="font-semibold">
          {compare.data.savedMinor === undefined
            ? t('trip.kilometres', {
                together: distance(compare.data.togetherKm),
                apart: distance(compare.data.apartKm),
              })
            : t(compare.data.togetherKm < compare.data.apartKm ? 'trip.together' : 'trip.apart', {
                together: distance(compare.data.togetherKm),
                apart: distance(compare.data.apartKm),
                saved: format.money(Math.abs(compare.data.savedMinor), format.currency),
              })}
        </p>
      )}
    </form>
  )
}
