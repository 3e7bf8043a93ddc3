import { useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Printer } from 'lucide-react'
import type { Schemas } from '@/api/client'
import { jobsQuery, workSessionsQuery } from '@/api/queries'
import { Choice } from '@/ui/form/Field'
import { hours, useFormat } from '@/ui/format/format'
import { workedMinutes } from '@/ui/format/worked'
import { Loaded } from '@/ui/page/Feedback'
import { Further, Page, Part } from '@/ui/page/Page'
import { totalsQuery, type Totals } from '../totals/queries'
import { YearLog } from './YearLog'
import { YearMoney } from './YearMoney'

type Session = Schemas['WorkSessionResponse']

/** One year of a project, to look back on and to print: hours, what was finished, money, session by session. */
export function YearPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const format = useFormat()
  const [params, setParams] = useSearchParams()
  const thisYear = format.today().slice(0, 4)
  const year = params.get('year') ?? thisYear
  const sessions = useQuery(workSessionsQuery(projectId))
  const { data: work } = useQuery(jobsQuery(projectId))
  const span = { from: `${year}-01-01`, to: `${year}-12-31` }
  const { data: bySystem } = useQuery(totalsQuery(projectId, { by: 'SYSTEM', ...span }))
  const { data: byJob } = useQuery(totalsQuery(projectId, { by: 'JOB', ...span }))
  return (
    <Loaded query={sessions} what={t('year.loading')}>
      {(all) => {
        const its = all.filter((s) => s.workedOn.startsWith(year))
        const finished = work?.jobs.filter((j) => j.finishedOn?.startsWith(year)) ?? []
        return (
          <Page
            title={t('year.title', { year })}
            answer={<YearAnswer year={year} sessions={its} jobs={finished.length} money={bySystem} byJob={byJob} />}
            action={
              <div className="no-print flex items-end gap-2">
                <Choice label={t('year.choose')} value={year} onChange={(e) => setParams({ year: e.target.value })}>
                  {yearsOf(all, thisYear).map((y) => (
                    <option key={y}>{y}</option>
                  ))}
                </Choice>
                <button type="button" className="btn btn-primary" onClick={() => window.print()}>
                  <Printer className="size-5" aria-hidden="true" />
                  {t('year.print')}
                </button>
              </div>
            }
          >
            <div className="grid gap-x-10 lg:grid-cols-[2fr_3fr]">
              <div>
                {bySystem && <YearMoney totals={bySystem} />}
                {finished.length > 0 && (
                  <Part title={t('year.finished')}>
                    <ul>
                      {finished
                        .toSorted((a, b) => a.finishedOn!.localeCompare(b.finishedOn!))
                        .map((j) => (
                          <li key={j.id} className="flex justify-between gap-4 border-b border-base-300 py-1">
                            <span>{j.title}</span>
                            <span className="quiet whitespace-nowrap">{format.shortDay(j.finishedOn!)}</span>
                          </li>
                        ))}
                    </ul>
                  </Part>
                )}
              </div>
              <YearLog sessions={its} />
            </div>
          </Page>
        )
      }}
    </Loaded>
  )
}

/** From this year back to the first in which somebody worked. */
function yearsOf(sessions: Session[], thisYear: string): string[] {
  const first = sessions.reduce((least, s) => (s.workedOn < least ? s.workedOn : least), thisYear).slice(0, 4)
  return Array.from({ length: Number(thisYear) - Number(first) + 1 }, (_, i) => String(Number(thisYear) - i))
}

function YearAnswer({
  year,
  sessions,
  jobs,
  money,
  byJob,
}: {
  year: string
  sessions: Session[]
  jobs: number
  money: Totals | undefined
  byJob: Totals | undefined
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const say = (minor: number) => format.money(minor, format.currency)
  const dearest = byJob?.groups.filter((g) => g.jobId).toSorted((a, b) => b.baseMinor - a.baseMinor)[0]
  return (
    <>
      {t('year.answer', {
        year,
        count: sessions.length,
        hours: hours(workedMinutes(...sessions)),
        jobs: t('year.jobs', { count: jobs }),
        money: money ? say(money.closingMinor - money.openingMinor) : '…',
      })}
      {dearest?.title && <Further>{t('year.dearest', { job: dearest.title, money: say(dearest.baseMinor) })}</Further>}
    </>
  )
}
