import { Trans, useTranslation } from 'react-i18next'
import { Further } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { AskForTheHour } from '../forecast/AskForTheHour'
import { ForecastAnswer } from '../forecast/ForecastAnswer'
import { ForecastLines } from '../forecast/ForecastLines'
import type { Forecast } from '../forecast/queries'
import type { Money } from './moneyQueries'

const bold = <strong className="font-bold" />

export function MoneyAnswer({ money, forecast }: { money: Money; forecast: Forecast }) {
  const { t } = useTranslation()
  const format = useFormat()
  const say = (minor: number) => format.money(minor, money.currency)
  return (
    <>
      {forecast.guess ? (
        <ForecastAnswer forecast={forecast} budgetMinor={money.position.budget} sureMinor={money.willHaveCost} />
      ) : (
        <SureAnswer money={money} />
      )}{' '}
      {money.month.allowance > 0 &&
        t(money.leftThisMonth >= 0 ? 'money.monthLeft' : 'money.monthShort', {
          rest: say(Math.abs(money.leftThisMonth)),
        })}
      <AskForTheHour forecast={forecast} />
      {forecast.guess && forecast.highMinor > money.willHaveCost && (
        <Further>
          {t('forecast.ends', {
            one: format.guess(forecast.inTen.oneMinor, money.currency),
            nine: format.guess(forecast.inTen.nineMinor, money.currency),
          })}
        </Further>
      )}
    </>
  )
}

/** Everything has a price: to the cent. */
function SureAnswer({ money }: { money: Money }) {
  const { t } = useTranslation()
  const format = useFormat()
  const say = (minor: number) => format.money(minor, money.currency)
  if (money.position.budget === 0)
    return (
      <>
        {t('money.willHaveCost')}: {say(money.willHaveCost)}. {t('money.noBudget')}
      </>
    )
  return (
    <Trans
      i18nKey={money.left >= 0 ? 'money.answerLeft' : 'money.answerOver'}
      values={{
        will: say(money.willHaveCost),
        budget: say(money.position.budget),
        rest: say(Math.abs(money.left)),
        percent: (money.overBasisPoints / 100).toLocaleString(format.locale),
      }}
      components={{ b: bold }}
    />
  )
}

/** What it will have cost, and the lines of each figure. */
export function Sums({ money, forecast, projectId }: { money: Money; forecast: Forecast; projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const say = (minor: number) => format.money(minor, money.currency)
  const about = () =>
    forecast.highMinor === money.willHaveCost
      ? t('money.notKnown')
      : format.guess(forecast.expectedMinor, money.currency)
  const expected = forecast.guess ? about() : say(money.willHaveCost)
  return (
    <div>
      <Line title={t('money.spent')} amount={say(money.position.spent)} />
      <Line
        title={t('money.orderedNotPaid')}
        amount={say(money.position.orderedNotPaid)}
        lines={money.orderedNotPaid.map((o) => [`${o.supplier}, ${format.shortDay(o.expectedOn)}`, say(o.baseMinor)])}
      />
      <Line
        title={t('money.toOrder')}
        amount={say(money.position.toOrder)}
        lines={money.toOrder.map((n) => [
          n.needs > 1 ? t('money.forJobs', { what: n.title, count: n.needs }) : n.title,
          n.unpriced === n.needs
            ? t('money.noPrice')
            : n.unpriced > 0
              ? t('money.andUnpriced', { money: say(n.baseMinor), count: n.unpriced })
              : say(n.baseMinor),
        ])}
      />
      {money.agreed.length > 0 && (
        <Line
          title={t('money.agreed')}
          amount={say(money.position.agreed)}
          lines={money.agreed.map((a) => [a.title, a.baseMinor === 0 ? t('money.noPrice') : say(a.baseMinor)])}
        />
      )}
      <ForecastLines projectId={projectId} forecast={forecast} />
      <Line title={t('money.willHaveCost')} amount={expected} strong />
      {money.position.budget > 0 && <Line title={t('money.budget')} amount={say(money.position.budget)} />}
      {money.position.budget > 0 && !forecast.guess && (
        <Line title={money.left >= 0 ? t('money.left') : t('money.over')} amount={say(Math.abs(money.left))} strong />
      )}
      {money.refundsExpected.length > 0 && (
        <Line
          title={t('money.refunds')}
          amount={say(money.refundsExpected.reduce((sum, r) => sum + r.baseMinor, 0))}
          lines={money.refundsExpected.map((r) => [r.supplier, say(r.baseMinor)])}
        />
      )}
      {money.depositsOut.length > 0 && (
        <Line
          title={t('money.deposits')}
          amount={say(money.depositsOut.reduce((sum, d) => sum + d.baseMinor, 0))}
          lines={money.depositsOut.map((d) => [
            t('money.depositUntil', { what: d.description, day: format.shortDay(d.returnBy) }),
            say(d.baseMinor),
          ])}
        />
      )}
      {money.heldForPlansB > 0 && <Line title={t('money.planB')} amount={say(money.heldForPlansB)} />}
      <Line
        title={t('money.thisMonth')}
        amount={say(money.leftThisMonth)}
        lines={[
          [t('money.allowance'), say(money.month.allowance)],
          [t('money.spentThisMonth'), say(-money.month.spent)],
          [t('money.dueThisMonth'), say(-money.month.due)],
        ]}
      />
    </div>
  )
}

function Line({
  title,
  amount,
  lines,
  strong,
}: {
  title: string
  amount: string
  lines?: string[][]
  strong?: boolean
}) {
  const head = (
    <span className={`flex justify-between gap-4 ${strong ? 'font-bold' : ''}`}>
      <span>{title}</span>
      <span className="whitespace-nowrap">{amount}</span>
    </span>
  )
  if (!lines || lines.length === 0) return <div className="border-b border-base-300 py-1.5 pl-5">{head}</div>
  return (
    <details className="border-b border-base-300 py-1.5">
      <summary className="cursor-pointer">
        <span className="inline-block w-[calc(100%-1.25rem)] align-top">{head}</span>
      </summary>
      <ul className="quiet pl-5 text-sm">
        {lines.map(([name, value]) => (
          <li key={name} className="flex justify-between gap-4 py-0.5">
            <span>{name}</span>
            <span className="whitespace-nowrap">{value}</span>
          </li>
        ))}
      </ul>
    </details>
  )
}
