import { Outlet, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { SubNav } from '@/ui/page/SubNav'

const ways = [
  { to: '', word: 'work.ways.scope' },
  { to: '/access', word: 'work.ways.access' },
  { to: '/order-of-work', word: 'work.ways.order' },
  { to: '/outstanding', word: 'work.ways.outstanding' },
  { to: '/clearance', word: 'work.ways.fits' },
  { to: '/labels', word: 'work.ways.labels' },
  { to: '/recipes', word: 'work.ways.recipes' },
] as const

/** The ways to look at the work, above whichever of them is open. */
export function WorkLayout() {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  return (
    <>
      <SubNav
        label={t('work.ways.label')}
        base={`/p/${projectId}/work`}
        ways={ways.map(({ to, word }) => ({ to, name: t(word) }))}
      />
      <Outlet />
    </>
  )
}
