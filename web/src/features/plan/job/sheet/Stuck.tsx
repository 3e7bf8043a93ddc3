import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { hours } from '@/ui/format/format'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Cautions } from '@/ui/safety/Cautions'
import type { Job } from '../jobWork'

/** What comes next when something will not come loose: soaked, struck, heated, cut, drilled; the soak is a wait of the plan. */
export function Stuck({ job }: { job: Job }) {
  const { t } = useTranslation()
  const path = { params: { path: { jobId: job.id } } }
  const { data } = useQuery({
    queryKey: ['stuck', job.id],
    queryFn: () => unwrap(api.GET('/api/jobs/{jobId}/stuck', path)),
  })
  const climb = useWrite(
    (rung: string, id) => unwrap(api.POST('/api/jobs/{jobId}/stuck', { ...path, body: { rung }, ...write(id) })),
    { said: () => t('job.stuck.planned') },
  )
  if (!data || job.over) return null
  const open = data.tried.some((r) => !['FINISHED', 'VERIFIED', 'DROPPED'].includes(r.state))
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('job.stuck.title')}</summary>
      <div className="grid gap-2">
        {data.tried.length > 0 && (
          <ul>
            {data.tried.map((r) => (
              <li key={r.jobId}>
                {r.title} <span className="quiet text-sm">{t(`jobState.${r.state}`)}</span>
              </li>
            ))}
          </ul>
        )}
        {data.next && !open && (
          <>
            <p>
              {t('job.stuck.next', { what: data.next.title, time: hours(data.next.likelyMinutes) })}{' '}
              {data.next.waitMinutes > 0 && t('job.stuck.wait', { time: hours(data.next.waitMinutes) })}
            </p>
            <Cautions cautions={data.next.cautions} />
            <div>
              <button
                type="button"
                className="btn"
                disabled={climb.isPending}
                onClick={() => climb.mutate(data.next!.id)}
              >
                {t('job.stuck.plan')}
              </button>
            </div>
          </>
        )}
        {open && <p>{t('job.stuck.first')}</p>}
        {!data.next && <p>{t('job.stuck.end')}</p>}
        <ProblemAlert error={climb.error} />
      </div>
    </details>
  )
}
