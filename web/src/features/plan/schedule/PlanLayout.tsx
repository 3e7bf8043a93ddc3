import { Outlet, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { SubNav } from '@/ui/page/SubNav'

/** The dates, and what is fixed or away. */
export function PlanLayout() {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  return (
    <>
      <SubNav
        label={t('plan.title')}
        base={`/p/${projectId}/plan`}
        ways={[
          { to: '', name: t('dates.dates') },
          { to: '/sent-out', name: t('away.title') },
        ]}
      />
      <Outlet />
    </>
  )
}
