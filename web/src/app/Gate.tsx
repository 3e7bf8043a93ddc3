import { useQuery } from '@tanstack/react-query'
import { Outlet } from 'react-router'
import { useTranslation } from 'react-i18next'
import { currenciesQuery, garageQuery, sessionQuery, unitsQuery } from '@/api/queries'
import { Loaded } from '@/ui/page/Feedback'
import { learnDecimalSign, learnDigits } from '@/ui/format/money'
import { FirstAccountPage } from '@/features/identity/account/FirstAccountPage'
import { SignInPage } from '@/features/identity/account/SignInPage'

/** Nothing without sign-in; what was asked for is shown once signed in. */
export function Gate() {
  const { t } = useTranslation()
  const session = useQuery(sessionQuery)
  return (
    <Loaded query={session} what={t('signIn.loading')}>
      {(s) => {
        if (s.firstAccountNeeded) return <FirstAccountPage />
        if (!s.me) return <SignInPage notice={s.notice} />
        return <WithMoneyAndUnits />
      }}
    </Loaded>
  )
}

/** No page before it is known how amounts and measures are written here. */
function WithMoneyAndUnits() {
  const { t } = useTranslation()
  const currencies = useQuery(currenciesQuery)
  const garage = useQuery(garageQuery)
  const units = useQuery(unitsQuery)
  return (
    <Loaded query={currencies} what={t('signIn.loading')}>
      {(all) => (
        <Loaded query={garage} what={t('signIn.loading')}>
          {(g) => {
            learnDigits(all)
            learnDecimalSign(g.locale)
            return (
              <Loaded query={units} what={t('signIn.loading')}>
                {() => <Outlet />}
              </Loaded>
            )
          }}
        </Loaded>
      )}
    </Loaded>
  )
}
