import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'

export type Unfinished = Schemas['Unfinished']

/** Logged, and said to be done: what stands in the way of calling it finished. */
export function UnfinishedJobs({
  projectId,
  jobs,
  onClose,
}: {
  projectId: string
  jobs: Unfinished[]
  onClose: () => void
}) {
  const { t } = useTranslation()
  return (
    <section className="grid gap-3">
      <h3 className="font-semibold">{t('workSession.unfinished', { count: jobs.length })}</h3>
      <ul className="grid gap-2">
        {jobs.map((job) => (
          <li key={job.jobId}>
            <Link className="link font-semibold" to={`/p/${projectId}/work?job=${job.jobId}`}>
              {job.title}
            </Link>
            <span className="block">{job.saying}</span>
          </li>
        ))}
      </ul>
      <div>
        <button type="button" className="btn btn-primary" onClick={onClose}>
          {t('workSession.close')}
        </button>
      </div>
    </section>
  )
}
