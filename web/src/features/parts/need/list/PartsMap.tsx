import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { anatomyQuery, drawingQuery, jobsQuery } from '@/api/queries'
import { CarMap } from '@/ui/drawing/CarMap'
import { useZoneName } from '@/ui/format/names/zones'
import { linesOf } from './needLines'
import { needPlaces } from './needPlaces'

type Need = Schemas['Need']

/** The vehicle with the number of parts still to go on it; a press shows those of one place. */
export function PartsMap({
  projectId,
  needs,
  place,
  onPlace,
}: {
  projectId: string
  needs: Need[]
  /** The place that is shown, `''` for what goes nowhere in particular. */
  place: string | undefined
  onPlace: (place?: string, there?: Need[]) => void
}) {
  const { t } = useTranslation()
  const nameOf = useZoneName()
  const { data: body } = useQuery(drawingQuery(projectId))
  const { data: things } = useQuery(anatomyQuery(projectId))
  const { data: work } = useQuery(jobsQuery(projectId))
  if (!body || !things || !work) return null
  const at = needPlaces(needs, work.jobs, things, body.zones)
  const press = (pressed: string) => (pressed === place ? onPlace() : onPlace(pressed, at.get(pressed) ?? []))
  const elsewhere = linesOf(at.get('') ?? []).length
  return (
    <details className="mb-4" open={place !== undefined}>
      <summary className="cursor-pointer py-2 font-semibold">{t('parts.onTheCar')}</summary>
      <CarMap
        body={body}
        marks={[...at].filter(([zone]) => zone !== '').map(([zone, there]) => ({ zone, count: linesOf(there).length }))}
        nameOf={(zone) => nameOf(body, zone)}
        sayMark={(m) => t('parts.atPlace', { place: nameOf(body, m.zone), count: m.count })}
        {...(place && { selected: place })}
        onPress={press}
      />
      {elsewhere > 0 && (
        <button type="button" className="btn" aria-pressed={place === ''} onClick={() => press('')}>
          {t('parts.atNoPlace', { count: elsewhere })}
        </button>
      )}
    </details>
  )
}
