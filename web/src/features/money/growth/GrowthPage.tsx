import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { Trans, useTranslation } from 'react-i18next'
import { Loaded } from '@/ui/page/Feedback'
import { Further, Page, Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { MonthByMonth } from '../months/MonthByMonth'
import { keepingQuery } from '../keeping/queries'
import { GrowthChart } from './GrowthChart'
import { growthQuery, type Growth } from './queries'

/** The figure of the bid, followed to today: how it grew, and why. */
export function GrowthPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const growth = useQuery(growthQuery(projectId))
  const keeping = useQuery(keepingQuery(projectId))
  const worth = keeping.data?.said.finishedLikely ?? keeping.data?.finishedFromMarket?.likelyMinor
  return (
    <Loaded query={growth} what={t('growth.loading')}>
      {(g) => (
        <Page
          title={t('growth.title')}
          answer={<GrowthAnswer growth={g} />}
          action={
            <Link className="btn" to={`/p/${projectId}/money/year`}>
              {t('year.see')}
            </Link>
          }
        >
          {g.days[0]!.on !== g.days[g.days.length - 1]!.on && (
            <GrowthChart growth={g} {...(worth !== undefined && { worthMinor: worth })} />
          )}
          <div className="mt-6 grid gap-x-10 lg:grid-cols-2">
            <MonthByMonth projectId={projectId} />
            <Part title={t('growth.why')}>
              <Causes growth={g} why={g.why} />
            </Part>
            <Part title={t('growth.steps')}>
              <Steps growth={g} />
            </Part>
          </div>
        </Page>
      )}
    </Loaded>
  )
}

function GrowthAnswer({ growth: g }: { growth: Growth }) {
  const { t } = useTranslation()
  const format = useFormat()
  const first = g.days[0]!
  const now = g.days[g.days.length - 1]!
  const about = (minor: number) => format.guess(minor, g.currency)
  const grown = now.expectedMinor - first.expectedMinor
  const most = g.why[0]
  return (
    <>
      <Trans
        i18nKey={`growth.${grown > 0 ? 'more' : grown < 0 ? 'less' : 'same'}`}
        values={{
          first: about(first.expectedMinor),
          now: about(now.expectedMinor),
          more: about(Math.abs(grown)),
          day: format.dayAndYear(first.on),
        }}
        components={{ b: <strong className="font-bold" /> }}
      />
      {grown !== 0 && most && <Further>{t('growth.mostly', { cause: t(`growth.cause.${most.cause}`) })}</Further>}
    </>
  )
}

function Causes({ growth, why }: { growth: Growth; why: Growth['why'] }) {
  const { t } = useTranslation()
  const format = useFormat()
  if (why.length === 0) return <p className="quiet">{t('growth.none')}</p>
  return (
    <ul>
      {why.map(({ cause, minor }) => (
        <li key={cause} className="flex justify-between gap-4 border-b border-base-300 py-1.5">
          <span className="first-letter:uppercase">{t(`growth.cause.${cause}`)}</span>
          <span className="whitespace-nowrap">
            {minor > 0 ? '+' : ''}
            {format.guess(minor, growth.currency)}
          </span>
        </li>
      ))}
    </ul>
  )
}

function Steps({ growth: g }: { growth: Growth }) {
  const { t } = useTranslation()
  const format = useFormat()
  if (g.steps.length === 0) return <p className="quiet">{t('growth.none')}</p>
  return (
    <ul>
      {g.steps.map((s, i) => (
        <li key={i} className="border-b border-base-300 py-1.5">
          <details>
            <summary className="cursor-pointer">
              {t('growth.stepBy', {
                day: format.dayAndYear(s.on),
                money: `${s.grownMinor > 0 ? '+' : ''}${format.guess(s.grownMinor, g.currency)}`,
              })}
            </summary>
            <div className="pl-5 text-sm">
              <Causes growth={g} why={s.why} />
            </div>
          </details>
        </li>
      ))}
    </ul>
  )
}
