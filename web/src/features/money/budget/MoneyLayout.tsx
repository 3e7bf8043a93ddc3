import { Outlet, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { SubNav } from '@/ui/page/SubNav'

/** The ways to look at the money, above whichever of them is open. */
export function MoneyLayout() {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  return (
    <>
      <SubNav
        label={t('moneyWays.label')}
        base={`/p/${projectId}/money`}
        ways={[
          { to: '', name: t('moneyWays.books') },
          { to: '/bank', name: t('bank.title') },
          { to: '/where', name: t('moneyWays.where') },
          { to: '/over-time', name: t('growth.title') },
          { to: '/other-ways', name: t('way.title') },
          { to: '/keep', name: t('moneyWays.keep') },
        ]}
      />
      <Outlet />
    </>
  )
}
