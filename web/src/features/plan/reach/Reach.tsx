import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import type { Job } from '../job/jobWork'
import { NewReach } from './NewReach'

/** How awkward fasteners are reached: of this job, and what other jobs at the same place found out. */
export function Reach({ projectId, job }: { projectId: string; job: Job }) {
  const { t } = useTranslation()
  const path = { params: { path: { jobId: job.id } } }
  const { data: notes } = useQuery({
    queryKey: ['reach', job.id],
    queryFn: () => unwrap(api.GET('/api/jobs/{jobId}/reach', path)),
  })
  const remove = useWrite(
    (noteId: string, id) =>
      unwrap(
        api.DELETE('/api/jobs/{jobId}/reach/{id}', {
          params: { path: { jobId: job.id, id: noteId } },
          ...write(id),
        }),
      ),
    { said: () => t('reach.removed') },
  )
  return (
    <section aria-label={t('reach.title')}>
      {notes && notes.length > 0 && (
        <>
          <h3 className="font-semibold">{t('reach.title')}</h3>
          <ul>
            {notes.map((n) => (
              <li key={n.id} className="flex items-center gap-3 border-b border-base-300 py-1">
                <span className="grow">
                  <span className="font-semibold">{n.fastener}</span>: {n.tools}
                  <span className="quiet block text-sm">
                    {n.onlyAfterTitle && t('reach.onlyAfter', { job: n.onlyAfterTitle })}{' '}
                    {n.jobId !== job.id && t('reach.from', { job: n.foundAt })}
                  </span>
                </span>
                {n.jobId === job.id && (
                  <button
                    type="button"
                    className="btn btn-ghost"
                    aria-label={t('actOn', { act: t('reach.remove'), what: n.fastener })}
                    onClick={() => remove.mutate(n.id)}
                  >
                    {t('reach.remove')}
                  </button>
                )}
              </li>
            ))}
          </ul>
        </>
      )}
      <details>
        <summary className="cursor-pointer py-2 font-semibold">{t('reach.add')}</summary>
        <NewReach projectId={projectId} jobId={job.id} />
      </details>
      <ProblemAlert error={remove.error} />
    </section>
  )
}
