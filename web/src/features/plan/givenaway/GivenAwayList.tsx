import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { givenAwayQuery, jobsQuery } from '@/api/queries'
import { Part } from '@/ui/page/Page'
import { Agreed } from './Agreed'

/** The jobs that others do, and are not over: those that are late first. */
export function GivenAwayList({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const { data: given } = useQuery(givenAwayQuery(projectId))
  const { data: work } = useQuery(jobsQuery(projectId))
  const open = (given ?? []).flatMap((g) => {
    const job = work?.jobs.find((j) => j.id === g.jobId && !j.over)
    return job ? [{ ...g, title: job.title }] : []
  })
  if (open.length === 0) return null
  const soonest = open.toSorted((a, b) => (a.backOn ?? '9999').localeCompare(b.backOn ?? '9999'))
  return (
    <Part title={t('givenAway.list')}>
      <ul className="grid gap-3">
        {soonest.map((g) => (
          <li key={g.jobId}>
            <Link className="link font-semibold" to={`/p/${projectId}/work?job=${g.jobId}`}>
              {g.title}
            </Link>
            <Agreed given={g} />
          </li>
        ))}
      </ul>
    </Part>
  )
}
