import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { JobChoice } from '@/ui/form/JobChoice'
import { useFreshId } from '@/ui/form/useFreshId'
import type { Job } from '../job/jobWork'

const empty = { fastener: '', tools: '', onlyAfter: '' }

/** How awkward fasteners are reached: of this job, and what other jobs at the same place found out. */
export function Reach({ projectId, job }: { projectId: string; job: Job }) {
  const { t } = useTranslation()
  const path = { params: { path: { jobId: job.id } } }
  const { data: notes } = useQuery({
    queryKey: ['reach', job.id],
    queryFn: () => unwrap(api.GET('/api/jobs/{jobId}/reach', path)),
  })
  const [fresh, renew] = useFreshId()
  const [v, setV] = useState(empty)
  const put = (key: keyof typeof v) => (e: { target: { value: string } }) => setV({ ...v, [key]: e.target.value })
  const add = useWrite(
    (body: Schemas['NewReach'], id) => unwrap(api.POST('/api/jobs/{jobId}/reach', { ...path, body, ...write(id) })),
    {
      said: () => t('reach.kept'),
      done: () => {
        renew()
        setV(empty)
      },
    },
  )
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
                    aria-label={`${t('reach.remove')}: ${n.fastener}`}
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
        <form
          className="grid gap-2"
          onSubmit={(e) => {
            e.preventDefault()
            add.mutate({
              id: fresh,
              fastener: v.fastener,
              tools: v.tools,
              ...(v.onlyAfter && { onlyAfter: v.onlyAfter }),
            })
          }}
        >
          <TextField label={t('reach.fastener')} value={v.fastener} maxLength={120} onChange={put('fastener')} />
          <TextField label={t('reach.tools')} value={v.tools} maxLength={120} onChange={put('tools')} />
          <JobChoice
            projectId={projectId}
            label={t('reach.after')}
            none={t('reach.any')}
            value={v.onlyAfter}
            except={job.id}
            onChange={put('onlyAfter')}
          />
          <div>
            <button
              type="submit"
              className="btn"
              disabled={v.fastener.trim() === '' || v.tools.trim() === '' || add.isPending}
            >
              {t('reach.keep')}
            </button>
          </div>
        </form>
      </details>
      <ProblemAlert error={add.error ?? remove.error} />
    </section>
  )
}
