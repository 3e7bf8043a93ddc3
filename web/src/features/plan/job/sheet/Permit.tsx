import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { CircleAlert } from 'lucide-react'
import { api, unwrap, type Schemas } from '@/api/client'
import type { Job } from '../jobWork'

type Obstacle = Schemas['Obstacle']

/** The next move of a job, for which leave is asked. */
export const moveOf = (state: Job['state']): keyof Schemas['PermitResponse'] | undefined => {
  switch (state) {
    case 'PROPOSED':
    case 'PLANNED':
      return 'begin'
    case 'BEGUN':
    case 'TRIAL_FITTED':
    case 'LOOSE':
    case 'WORKS_NOT_BUTTONED_UP':
      return 'finish'
    case 'FINISHED':
      return 'verify'
    case 'VERIFIED':
    case 'DROPPED':
      return undefined
  }
}

/** What stands in the way of the next move, each a press from its way out. */
export function Permit({ job }: { job: Job }) {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  const permit = useQuery({
    queryKey: ['permit', job.id],
    queryFn: () => unwrap(api.GET('/api/jobs/{id}/permit', { params: { path: { id: job.id } } })),
  })
  const move = moveOf(job.state)
  if (!move || !permit.data) return null
  // conditions for working safely have their own list, to be ticked
  const obstacles = permit.data[move].filter((o) => o.kind !== 'INTERLOCK')
  if (obstacles.length === 0) return null
  return (
    <section aria-label={t(`permit.${move}`)} className="rounded border-l-4 border-warning bg-base-200 p-3">
      <h3 className="font-semibold">{t(`permit.${move}`)}</h3>
      <ul>
        {obstacles.map((o) => {
          const to = wayOut(projectId, job.id, o)
          return (
            <li key={o.kind + o.id + o.saying} className="flex items-baseline gap-2 py-0.5">
              <CircleAlert className="size-4 shrink-0 self-center" aria-hidden="true" />
              {to ? (
                <Link className="link" to={to}>
                  {o.saying}
                </Link>
              ) : (
                <span>{o.saying}</span>
              )}
            </li>
          )
        })}
      </ul>
    </section>
  )
}

/** Where to clear it. A kind that is not named here does not compile. */
export function wayOut(projectId: string, jobId: string, o: Obstacle): string | undefined {
  const p = `/p/${projectId}`
  const work = `${p}/work`
  switch (o.kind) {
    case 'JOB_BEFORE':
      return `${work}?job=${o.id}`
    case 'RULE':
      return o.id ? `${work}?job=${o.id}` : `${work}/order-of-work`
    case 'PART':
      return `${p}/parts?need=${o.id}`
    case 'AWAY':
      return `${p}/plan/sent-out`
    case 'STRIP_DOWN':
      return `${work}/access`
    case 'GATE':
      return `${p}/road?gate=${o.id}`
    case 'SPARED':
      return `${work}/outstanding`
    case 'TORQUE':
      return `${p}/road?fastener=new&job=${jobId}`
    case 'INTERLOCK':
    case 'SECOND_LOOK':
      return undefined
    default: {
      const unknown: never = o.kind
      return unknown
    }
  }
}
