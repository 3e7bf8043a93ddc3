import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { hours, useFormat } from '@/ui/format/format'
import { AgainstThePlan } from './AgainstThePlan'
import { progressQuery } from './queries'
import { guessed } from './guessed'
import { Standstills } from './Standstills'

/** Hours against the calendar, and against what was thought. */
export function HowItGoes({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { data } = useQuery(progressQuery(projectId))
  if (!data) return null
  const about = (minutes: number) => hours(guessed(minutes))
  const number = (n: number, digits: number) =>
    new Intl.NumberFormat(format.locale, { maximumFractionDigits: digits, minimumFractionDigits: digits }).format(n)
  return (
    <section className="mb-6" aria-label={t('progress.title')}>
      <p>
        {t('progress.pace', {
          hours: hours(data.minutes),
          count: data.months,
          perMonth: number(data.hoursPerMonth, 1),
        })}{' '}
        {data.dormantDays !== undefined && (
          <strong>{t('progress.dormant', { count: data.dormantDays, day: format.day(data.lastOn) })}</strong>
        )}{' '}
        {t('progress.factor', { count: data.finishedJobs, factor: number(data.factor, 2) })}
      </p>
      {data.earned && (
        <p className="mt-1">
          {t('progress.earned', {
            whole: hours(data.earned.wholeMinutes),
            earned: hours(data.earned.earnedMinutes),
            spent: hours(data.earned.spentMinutes),
          })}{' '}
          {data.earned.restAsThoughtMinutes > 0 &&
            t('progress.rest', {
              thought: hours(data.earned.restAsThoughtMinutes),
              likeSoFar: about(data.earned.restLikeSoFarMinutes),
              end: about(data.earned.endLikeSoFarMinutes),
            })}
        </p>
      )}
      {data.baseline && <AgainstThePlan plan={data.baseline} />}
      <Link className="link inline-block py-2" to={`/p/${projectId}/logbook/how-far`}>
        {t('progress.seeHowFar')}
      </Link>
      <Standstills projectId={projectId} progress={data} />
      {data.byOperation.length > 0 && (
        <details>
          <summary className="cursor-pointer py-2 font-semibold">{t('progress.byOperation')}</summary>
          <table className="table w-auto">
            <thead>
              <tr>
                <th scope="col">{t('progress.operation')}</th>
                <th scope="col">{t('progress.jobs')}</th>
                <th scope="col">{t('progress.thought')}</th>
                <th scope="col">{t('progress.took')}</th>
              </tr>
            </thead>
            <tbody>
              {data.byOperation.map((o) => (
                <tr key={o.operation}>
                  <th scope="row">{t(`operation.${o.operation}`)}</th>
                  <td>{o.jobs}</td>
                  <td>{hours(o.likelyMinutes)}</td>
                  <td>{hours(o.spentMinutes)}</td>
                </tr>
              ))}
            </tbody>
          </table>
        </details>
      )}
    </section>
  )
}
