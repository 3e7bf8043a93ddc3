import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Link, useParams } from 'react-router'
import { api, unwrap, write } from '@/api/client'
import { findingsQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { useFindingName } from '@/ui/format/names/findingNames'
import { hours, useFormat } from '@/ui/format/format'
import { useZoneNames } from '@/ui/format/names/zones'
import { ProblemAlert } from '@/ui/page/Feedback'
import type { Job } from '../jobWork'

/** What a job is done for. What serves several findings can be done once more for one whose part is late. */
export function ItsFindings({ job }: { job: Job }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { projectId = '' } = useParams()
  const { data } = useQuery(findingsQuery(projectId))
  const { whole: nameOf } = useFindingName(projectId, useZoneNames(projectId))
  const path = { params: { path: { jobId: job.id } } }
  const { data: apart } = useQuery({
    queryKey: ['apart', job.id],
    queryFn: async () => (await unwrap(api.GET('/api/jobs/{jobId}/apart', path))) ?? null,
    enabled: job.findings.length > 1,
  })
  const split = useWrite(
    (body: { findingId: string; chainId: string }, id) =>
      unwrap(api.POST('/api/jobs/{jobId}/apart', { ...path, body, ...write(id) })),
    { said: () => t('job.apart.done', { what: job.title }) },
  )
  const mine = data?.filter((f) => job.findings.includes(f.id)) ?? []
  if (mine.length === 0) return null
  return (
    <div>
      <h3 className="font-semibold">{t('job.findings')}</h3>
      <ul>
        {mine.map((f) => (
          <li key={f.id} className="flex flex-wrap items-baseline gap-x-3">
            <Link className="link" to={`/p/${projectId}/walk?finding=${f.id}`}>
              {nameOf(f)}
            </Link>
            <span className="quiet text-sm">{t(`findingState.${f.state}`)}</span>
            {apart && (
              <button
                type="button"
                className="link text-sm"
                disabled={split.isPending}
                aria-label={t('actOn', { act: t('job.apart.act'), what: nameOf(f) })}
                onClick={() => split.mutate({ findingId: f.id, chainId: crypto.randomUUID() })}
              >
                {t('job.apart.act')}
              </button>
            )}
          </li>
        ))}
      </ul>
      {apart && (
        <p className="quiet text-sm">
          {t('job.apart.takes', { time: hours(apart.likelyMinutes) })}{' '}
          {apart.cost && t('job.apart.costs', { money: format.money(apart.cost.likelyMinor, format.currency) })}
        </p>
      )}
      <ProblemAlert error={split.error} />
    </div>
  )
}
