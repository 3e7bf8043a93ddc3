import { useQuery } from '@tanstack/react-query'
import { Outlet } from 'react-router'
import { useTranslation } from 'react-i18next'
import { sessionQuery } from '@/api/queries'
import { Loaded } from '@/ui/Feedback'
import { FirstAccountPage } from '@/features/identity/FirstAccountPage'
import { SignInPage } from '@/features/identity/SignInPage'

/** Nothing without sign-in; what was asked for is shown once signed in. */
export function Gate() {
  const { t } = useTranslation()
  const session = useQuery(sessionQuery)
  return (
    <Loaded query={session} what={t('signIn.loading')}>
      {(s) => {
        if (s.firstAccountNeeded) return <FirstAccountPage />
        if (!s.me) return <SignInPage notice={s.notice} />
        return <Outlet />
      }}
    </Loaded>
  )
}
