import { useMutation } from '@tanstack/react-query'
import { useFieldArray } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { Printer } from 'lucide-react'
import { z } from 'zod'
import { api, unwrap, write, type Problem, type Schemas } from '@/api/client'
import { Form } from '@/ui/form/Form'
import { Measured, useMeasureRule } from '@/ui/form/measured'
import { Line } from '@/ui/form/named'
import { useDraft, useKeptTyping } from '@/ui/form/draft/useDraft'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'
import { useUnits } from '@/ui/format/units'

/** A place to go to: how far from home, how far on to the next, what goes there and what is fetched. */
const empty = { where: '', fromHome: '', toNext: '', what: '' }
const initial = { stops: [empty, empty] }
const MOST_STOPS = 6
const FARTHEST_KM = 9_999

function useTripRules() {
  const { t } = useTranslation()
  const km = useMeasureRule('KILOMETRE')(t('form.number'), { min: 0, max: FARTHEST_KM }).transform(Math.round)
  const typed = z.union([z.string(), z.number()])
  return z
    .object({ stops: z.array(z.object({ where: z.string(), what: z.string(), fromHome: typed, toNext: typed })) })
    .transform(({ stops }) => ({
      // from the last stop one goes home
      stops: stops.map(({ fromHome, toNext }, i) => ({ fromHome, toNext: i < stops.length - 1 ? toNext : 0 })),
    }))
    .pipe(z.object({ stops: z.array(z.object({ fromHome: km, toNext: km })) }))
    .transform(({ stops }): Schemas['TripRequest'] => ({
      fromHomeKm: stops.map((s) => s.fromHome),
      betweenKm: stops.slice(0, -1).map((s) => s.toNext),
    }))
}

/** Several errands on one way against each by itself; the list goes along on paper. */
export function TripCompare({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const unit = useUnits().word('KILOMETRE')
  const [kept, keep] = useDraft(`trip.${projectId}.${unit}`, initial)
  const form = useFields(useTripRules(), kept)
  useKeptTyping(form, (typed) => keep(typed as typeof initial))
  const { fields, append, remove } = useFieldArray({ control: form.control, name: 'stops' })
  const compare = useMutation<Schemas['TripResponse'], Problem, Schemas['TripRequest']>({
    mutationFn: (body) => unwrap(api.POST('/api/trips', { body, ...write(crypto.randomUUID()) })),
  })
  return (
    <Form form={form} save={compare} label={t('trip.compare')} aside onSubmit={(trip) => compare.mutate(trip)}>
      {fields.map(({ id }, i) => (
        <fieldset key={id} className="grid gap-2 border-b border-base-300 pb-3">
          <legend className="font-semibold">{t('trip.stop', { number: i + 1 })}</legend>
          <Line name={`stops.${i}.where`} label={t('trip.where')} />
          <Line name={`stops.${i}.what`} label={t('trip.what')} maxLength={200} />
          <div className="grid grid-cols-2 items-start gap-3">
            <Measured unit="KILOMETRE" name={`stops.${i}.fromHome`} label={t('trip.fromHome')} />
            {i < fields.length - 1 && <Measured unit="KILOMETRE" name={`stops.${i}.toNext`} label={t('trip.toNext')} />}
          </div>
        </fieldset>
      ))}
      <div className="no-print flex flex-wrap gap-2">
        {fields.length < MOST_STOPS && (
          <button type="button" className="btn btn-ghost" onClick={() => append(empty)}>
            {t('trip.another')}
          </button>
        )}
        {fields.length > 1 && (
          <button type="button" className="btn btn-ghost" onClick={() => remove(fields.length - 1)}>
            {t('trip.fewer')}
          </button>
        )}
        <button type="button" className="btn btn-ghost" onClick={() => window.print()}>
          <Printer className="size-5" aria-hidden="true" />
          {t('trip.print')}
        </button>
      </div>
      {compare.data && <Compared trip={compare.data} />}
    </Form>
  )
}

function Compared({ trip }: { trip: Schemas['TripResponse'] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const units = useUnits()
  const ways = { together: units.about(trip.togetherKm, 'KILOMETRE'), apart: units.about(trip.apartKm, 'KILOMETRE') }
  return (
    <p role="status" className="font-semibold">
      {trip.savedMinor === undefined
        ? t('trip.kilometres', ways)
        : t(trip.togetherKm < trip.apartKm ? 'trip.together' : 'trip.apart', {
            ...ways,
            saved: format.money(Math.abs(trip.savedMinor), format.currency),
          })}
    </p>
  )
}
