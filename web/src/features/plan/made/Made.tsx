import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { madeQuery } from '@/api/queries'
import { MadePart } from '@/ui/made/MadePart'
import type { Job } from '../job/jobWork'
import { MadeForm } from './MadeForm'

/** The record of a part that a job makes: what it takes to make it again. */
export function Made({ projectId, job }: { projectId: string; job: Job }) {
  const { t } = useTranslation()
  const { data } = useQuery(madeQuery(projectId))
  const stored = data?.find((m) => m.jobId === job.id)
  if (!data || (job.operation !== 'FABRICATE' && !stored)) return null
  return (
    <section aria-label={t('made.title')}>
      {stored && <MadePart part={stored.part} />}
      <details>
        <summary className="cursor-pointer py-2 font-semibold">{t(stored ? 'made.change' : 'made.say')}</summary>
        <MadeForm key={stored?.version ?? 0} jobId={job.id} stored={stored} />
      </details>
    </section>
  )
}
