import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Check } from 'lucide-react'
import { findingsQuery, jobsQuery, needsQuery } from '@/api/queries'
import type { Today } from '../sentences'

const steps = ['look', 'decide', 'work', 'times', 'order', 'begin'] as const
type Step = (typeof steps)[number]

const paths: Record<Step, (projectId: string) => string> = {
  look: (p) => `/p/${p}/walk`,
  decide: (p) => `/p/${p}/walk/decide`,
  work: (p) => `/p/${p}/walk/decide`,
  times: () => '/garage',
  order: (p) => `/p/${p}/parts`,
  begin: (p) => `/p/${p}/logbook?new=1`,
}

/** From nothing to the first session: where one stands, and the next press. Gone once anything is begun. */
export function FirstLine({ today }: { today: Today }) {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  const { data: findings } = useQuery(findingsQuery(projectId))
  const { data: work } = useQuery(jobsQuery(projectId))
  const { data: needs } = useQuery(needsQuery(projectId))
  if (!findings || !work || !needs) return null
  if (work.jobs.some((j) => j.state !== 'PLANNED' && j.state !== 'PROPOSED' && j.state !== 'DROPPED')) return null
  const done: Record<Step, boolean> = {
    look: findings.length > 0,
    decide: findings.length > 0 && findings.every((f) => f.decision),
    work: work.jobs.length > 0 && today.withoutWork.length === 0,
    times: today.hasOwnTime,
    order: needs.length > 0 && needs.every((n) => n.state !== 'NEEDED'),
    begin: false,
  }
  const next = steps.find((s) => !done[s])!
  return (
    <nav aria-label={t('firstLine.title')}>
      <ol className="flex flex-wrap gap-x-2 gap-y-1">
        {steps.map((s) => (
          <li key={s} className="flex items-center gap-2">
            <Link
              to={paths[s](projectId)}
              aria-current={s === next ? 'step' : undefined}
              className={`link inline-flex min-h-11 items-center gap-1 ${s === next ? 'font-bold' : 'quiet'}`}
            >
              {done[s] && <Check className="size-4" aria-label={t('firstLine.done')} />}
              {t(`firstLine.${s}`)}
            </Link>
            {s !== 'begin' && <span aria-hidden="true">·</span>}
          </li>
        ))}
      </ol>
      <Link className="btn btn-primary mt-2" to={paths[next](projectId)}>
        {t(`firstLine.next.${next}`)}
      </Link>
    </nav>
  )
}
