import { queryOptions, useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Schemas } from '@/api/client'
import { Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'

type Months = Schemas['MonthsResponse']

const monthsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['money', projectId, 'months'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/months', { params: { path: { projectId } } })),
  })

/** What is due each month against what comes in; the first short one, and what can wait. */
export function MonthByMonth({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const { data } = useQuery(monthsQuery(projectId))
  if (!data) return null
  return (
    <Part title={t('months.title')}>
      {data.months.length === 0 ? <p className="quiet">{t('months.noAllowance')}</p> : <EachMonth months={data} />}
    </Part>
  )
}

function EachMonth({ months: m }: { months: Months }) {
  const { t } = useTranslation()
  const format = useFormat()
  const money = (minor: number) => format.money(minor, m.currency)
  const short = m.months.find((one) => one.month === m.firstShort)
  const named = (due: Months['putOff']) =>
    due.map((d) => t('months.item', { what: d.what || t('months.running'), money: money(d.minor) })).join('; ')
  return (
    <>
      <p className={`mb-2 ${short || m.unpriced > 0 ? 'font-semibold' : 'quiet'}`}>
        {short
          ? `${t('months.short', { month: format.month(short.month), money: money(-short.leftMinor) })} ${
              m.putOff.length > 0 ? t('months.putOff', { what: named(m.putOff) }) : t('months.nothingWaits')
            }`
          : m.unpriced === 0 && t('months.fine')}{' '}
        {m.unpriced > 0 && t('months.unknown', { count: m.unpriced })}
      </p>
      <table className="w-full text-sm tabular-nums sm:text-base">
        <thead>
          <tr className="border-b-2 border-base-content">
            {(['month', 'in', 'due', 'left'] as const).map((column, i) => (
              <th key={column} scope="col" className={`py-1 ${i ? 'pl-3 text-right' : 'text-left'}`}>
                {t(`months.${column}`)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {m.months.map((one) => (
            <tr key={one.month} className="border-b border-base-300 align-top">
              <th scope="row" className="py-1.5 text-left font-normal">
                {one.due.length > 0 ? (
                  <details>
                    <summary className="cursor-pointer">{format.month(one.month)}</summary>
                    <span className="quiet block pl-5 text-sm">{named(one.due)}</span>
                  </details>
                ) : (
                  <span className="pl-5">{format.month(one.month)}</span>
                )}
              </th>
              <td className="whitespace-nowrap py-1.5 pl-3 text-right">{money(one.inMinor)}</td>
              <td className="whitespace-nowrap py-1.5 pl-3 text-right">{money(one.dueMinor)}</td>
              <td
                className={`whitespace-nowrap py-1.5 pl-3 text-right ${one.leftMinor < 0 ? 'font-semibold text-error' : ''}`}
              >
                {money(one.leftMinor)}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      {m.undatedMinor > 0 && (
        <p className="quiet mt-2 text-sm">{t('months.undated', { money: money(m.undatedMinor) })}</p>
      )}
    </>
  )
}
