import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useRole } from '@/api/useRole'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { useFormat } from '@/ui/format/format'
import type { Job } from '../job/jobWork'
import { PlanBForm } from './PlanBForm'

/** What is done instead if a risky job fails: the plan says until when to decide, the money is held until the job is over. */
export function PlanB({ job }: { job: Job }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { owns } = useRole()
  const path = { params: { path: { jobId: job.id } } }
  const { data, isSuccess } = useQuery({
    queryKey: ['fallback', job.id],
    queryFn: async () => (await unwrap(api.GET('/api/jobs/{jobId}/fallback', path))) ?? null,
  })
  const remove = useWrite(
    (_: object, id) => unwrap(api.DELETE('/api/jobs/{jobId}/fallback', { ...path, ...write(id) })),
    { said: () => t('planB.removed') },
  )
  if (!isSuccess) return null
  return (
    <section aria-label={t('planB.title')}>
      {data && (
        <p>
          {t('planB.is', { what: data.what, count: data.leadDays })}{' '}
          {data.costMinor > 0 && t('planB.held', { money: format.money(data.costMinor, format.currency) })}{' '}
          {owns && (
            <button type="button" className="link" disabled={remove.isPending} onClick={() => remove.mutate({})}>
              {t('planB.remove')}
            </button>
          )}
        </p>
      )}
      {owns && (
        <details>
          <summary className="cursor-pointer py-2 font-semibold">{t(data ? 'planB.change' : 'planB.add')}</summary>
          <PlanBForm key={JSON.stringify(data)} jobId={job.id} stored={data} />
        </details>
      )}
      <ProblemAlert error={remove.error} />
    </section>
  )
}
