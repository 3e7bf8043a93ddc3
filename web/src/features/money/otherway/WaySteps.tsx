import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { useQuery } from '@tanstack/react-query'
import { jobsQuery } from '@/api/queries'
import { useAmounts } from '@/ui/format/amounts'
import { useFormat } from '@/ui/format/format'
import { BareMetalStep } from './BareMetalStep'
import type { Shown } from './queries'

/** What changes if one goes this way, and where one would change each by itself. */
export function WaySteps({ projectId, way, said, currency }: Shown) {
  const { t } = useTranslation()
  const format = useFormat()
  const amounts = useAmounts()
  const { data: work } = useQuery(jobsQuery(projectId))
  const titleOf = (jobId: string) => work?.jobs.find((j) => j.id === jobId)?.title ?? ''
  return (
    <>
      <p className="font-semibold">{t('way.toGo')}</p>
      <ul className="list-disc pl-5">
        {said.standard && (
          <li>
            <Link className="link" to={`/p/${projectId}/car`}>
              {t('way.toStandard')}
            </Link>
            : {t('way.only', { aim: t(`aim.${said.standard}`) })}
          </li>
        )}
        {said.sessionsMore !== 0 && (
          <li>
            <Link className="link" to="/garage">
              {t('way.toSessions')}
            </Link>
            :{' '}
            {t(said.sessionsMore > 0 ? 'way.sessionsMore' : 'way.sessionsFewer', {
              count: Math.abs(said.sessionsMore),
            })}
          </li>
        )}
        {said.boughtAs && (
          <li>
            <Link className="link" to={`/p/${projectId}/parts`}>
              {t('way.toParts')}
            </Link>
            <ul className="list-[circle] pl-5 text-sm">
              {way.bought.map((b, i) => (
                <li key={i}>
                  {t(b.thoughtMinor > 0 ? 'way.boughtSo' : 'way.boughtNew', {
                    amount: amounts(b),
                    title: b.title,
                    money: format.money(b.landedMinor, currency),
                    thought: format.money(b.thoughtMinor, currency),
                    time: t('way.leadDays', { count: b.leadDays }),
                  })}
                </li>
              ))}
            </ul>
          </li>
        )}
        {way.bareMetal && <BareMetalStep takes={way.bareMetal} said={said.bareMetal!} currency={currency} />}
        {said.givenAway.map((g) => (
          <li key={g.jobId}>
            <Link className="link" to={`/p/${projectId}/work?job=${g.jobId}`}>
              {t('way.toSend')}
            </Link>
            : {titleOf(g.jobId)}, {format.money(g.costMinor, currency)}
          </li>
        ))}
      </ul>
    </>
  )
}
