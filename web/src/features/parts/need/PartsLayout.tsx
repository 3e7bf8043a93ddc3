import { Outlet, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { SubNav } from '@/ui/page/SubNav'

const ways = [
  { to: '', word: 'parts.ways.needed' },
  { to: '/market', word: 'parts.ways.market' },
  { to: '/shelf', word: 'parts.ways.shelf' },
  { to: '/donors', word: 'parts.ways.donors' },
] as const

/** The ways to look at parts, above whichever of them is open. */
export function PartsLayout() {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  return (
    <>
      <SubNav
        label={t('parts.ways.label')}
        base={`/p/${projectId}/parts`}
        ways={ways.map(({ to, word }) => ({ to, name: t(word) }))}
      />
      <Outlet />
    </>
  )
}
