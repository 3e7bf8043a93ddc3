import { queryOptions, useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Schemas } from '@/api/client'
import { Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'

type Line = Schemas['JobCostLine']

const jobCostsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['money', projectId, 'jobCosts'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/job-costs', { params: { path: { projectId } } })),
  })

/** What each job was thought to cost, what was asked, what was paid, and what one learns from it. */
export function JobCosts({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { data } = useQuery(jobCostsQuery(projectId))
  if (!data || data.jobs.length === 0) return null
  const money = (minor: number) => format.money(minor, data.currency)
  return (
    <Part title={t('jobCost.title')}>
      <p className="mb-2">
        {data.factor === undefined
          ? t('jobCost.nothing')
          : `${t('jobCost.tells', {
              count: data.told,
              paid: money(data.paidMinor),
              thought: money(data.thoughtMinor),
              factor: format.number(Math.round(data.factor * 100) / 100),
            })} ${t('jobCost.next')}`}
      </p>
      <details>
        <summary className="cursor-pointer py-2 font-semibold">{t('jobCost.open')}</summary>
        <div className="overflow-x-auto">
          <table className="w-full text-sm tabular-nums">
            <thead>
              <tr className="border-b-2 border-base-content">
                {(['job', 'thought', 'asked', 'paid', 'difference'] as const).map((column, i) => (
                  <th key={column} scope="col" className={`py-1 ${i ? 'pl-3 text-right' : 'text-left'}`}>
                    {t(`jobCost.${column}`)}
                  </th>
                ))}
              </tr>
            </thead>
            <tbody>
              {data.jobs.map((l) => (
                <tr key={l.jobId} className="border-b border-base-300">
                  <th scope="row" className="py-1.5 text-left font-normal">
                    <Link className="link" to={`/p/${projectId}/work?job=${l.jobId}`}>
                      {l.title}
                    </Link>
                  </th>
                  {[l.thoughtMinor, l.askedMinor, l.paidMinor].map((minor, i) => (
                    <td key={i} className="whitespace-nowrap py-1.5 pl-3 text-right">
                      {minor === 0 ? '–' : money(minor)}
                    </td>
                  ))}
                  <td className="whitespace-nowrap py-1.5 pl-3 text-right">
                    <Difference line={l} money={money} />
                  </td>
                </tr>
              ))}
            </tbody>
          </table>
        </div>
      </details>
    </Part>
  )
}

function Difference({ line: l, money }: { line: Line; money: (minor: number) => string }) {
  const { t } = useTranslation()
  if (!l.done) return <span className="quiet">{t('jobCost.going')}</span>
  if (l.thoughtMinor === 0) return <span className="quiet">{t('jobCost.unthought')}</span>
  if (l.dearerMinor === 0) return <>{t('jobCost.same')}</>
  return <>{t(l.dearerMinor > 0 ? 'jobCost.more' : 'jobCost.less', { money: money(Math.abs(l.dearerMinor)) })}</>
}
