import { Trans, useTranslation } from 'react-i18next'
import { useFormat } from '@/ui/format/format'
import type { Forecast } from './queries'

/** What is not known yet is guessed, and rounded as guesses are; how much is a guess is said with it. */
export function ForecastAnswer({
  forecast: f,
  budgetMinor,
  sureMinor,
}: {
  forecast: Forecast
  budgetMinor: number
  sureMinor: number
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const about = (minor: number) => format.guess(minor, f.currency)
  const priced = f.unpriced === 0 ? t('money.noneMissing') : t('money.missing', { count: f.unpriced })
  const missing = f.unestimated > 0 ? t('money.missingMore', { missing: priced, count: f.unestimated }) : priced
  const bold = <strong className="font-bold" />
  if (f.highMinor === sureMinor)
    return (
      <Trans
        i18nKey="money.nobodyKnows"
        values={{
          sure: format.money(sureMinor, f.currency),
          missing,
          budget:
            budgetMinor === 0
              ? t('money.noBudget')
              : t('money.budgetSet', { budget: format.money(budgetMinor, f.currency) }),
        }}
        components={{ b: bold }}
      />
    )
  const rest = budgetMinor - f.expectedMinor
  return (
    <Trans
      i18nKey="forecast.answer"
      values={{
        expected: about(f.expectedMinor),
        eight: about(f.inTen.eightMinor),
        missing,
        budget:
          budgetMinor === 0
            ? t('money.noBudget')
            : t(rest >= 0 ? 'money.budgetLeft' : 'money.budgetOver', { rest: about(Math.abs(rest)) }),
      }}
      components={{ b: bold }}
    />
  )
}
