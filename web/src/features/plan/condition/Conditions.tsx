import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Schemas } from '@/api/client'
import { placesQuery } from '@/api/queries'
import { hours } from '@/ui/format/format'
import type { Job } from '../job/jobWork'
import { ConditionsForm } from './ConditionsForm'
import { Within } from './Within'

type Where = Schemas['ConditionsResponse']

/** Where and how a job is worked: the plan keeps its place, its drying, its helper and its daylight. */
export function Conditions({ job }: { job: Job }) {
  const { t } = useTranslation()
  const { data } = useQuery({
    queryKey: ['conditions', job.id],
    queryFn: () => unwrap(api.GET('/api/jobs/{jobId}/conditions', { params: { path: { jobId: job.id } } })),
  })
  if (!data) return null
  return (
    <section aria-label={t('conditions.title')}>
      <InWords where={data} />
      <details>
        <summary className="cursor-pointer py-2 font-semibold">{t('conditions.title')}</summary>
        <ConditionsForm key={JSON.stringify(data)} jobId={job.id} stored={data} />
        {data.follows.map((f) => (
          <Within key={f.jobId + f.withinMinutes} jobId={job.id} follows={f} />
        ))}
      </details>
    </section>
  )
}

/** Only what is not as usual. */
function InWords({ where }: { where: Where }) {
  const { t } = useTranslation()
  const { data: places } = useQuery(placesQuery)
  const c = where.conditions
  const place = places?.find((p) => p.id === where.placeId)
  const said = [
    place && t(c.keepsPlace ? 'conditions.inKept' : 'conditions.in', { place: place.name }),
    c.outdoors && t('conditions.isOutdoors'),
    c.people > 1 && t('conditions.takes', { count: c.people }),
    c.inOneGo && t('conditions.isInOneGo'),
    c.dryMinutes > 0 && t('conditions.dries', { time: hours(c.dryMinutes) }),
    where.lowestCelsius !== undefined && t('conditions.warm', { celsius: where.lowestCelsius }),
    ...where.follows
      .filter((f) => f.withinMinutes !== undefined)
      .map((f) => t('conditions.follows', { what: f.title, time: hours(f.withinMinutes!) })),
  ].filter(Boolean)
  return said.length > 0 && <p>{said.join(' ')}</p>
}
