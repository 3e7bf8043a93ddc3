import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { jobsQuery, madeQuery } from '@/api/queries'
import { MadePart } from '@/ui/made/MadePart'
import { Part } from '@/ui/page/Page'

/** Whatever was made for this vehicle, each with the job that has its pictures. */
export function MadeParts({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const { data } = useQuery(madeQuery(projectId))
  const { data: work } = useQuery(jobsQuery(projectId))
  if (!data || data.length === 0) return null
  return (
    <Part title={t('made.all')}>
      <ul className="grid gap-3">
        {data.map((m) => (
          <li key={m.jobId}>
            <Link className="link" to={`/p/${projectId}/work?job=${m.jobId}`}>
              {work?.jobs.find((j) => j.id === m.jobId)?.title}
            </Link>
            <MadePart part={m.part} />
          </li>
        ))}
      </ul>
    </Part>
  )
}
