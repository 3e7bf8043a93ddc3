import { Outlet, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { SubNav } from '@/ui/page/SubNav'

const ways = [
  { to: '', word: 'ways.drawing' },
  { to: '/short-look', word: 'ways.short' },
  { to: '/checks', word: 'ways.checks' },
  { to: '/readings', word: 'ways.readings' },
  { to: '/structure', word: 'ways.shell' },
  { to: '/fault-codes', word: 'ways.codes' },
  { to: '/equipment', word: 'ways.equipment' },
  { to: '/identity', word: 'ways.identity' },
  { to: '/decide', word: 'ways.decide' },
  { to: '/inventory', word: 'ways.boxes' },
  { to: '/second-look', word: 'ways.again' },
  { to: '/paper', word: 'ways.paper' },
  { to: '/review', word: 'ways.eyes' },
] as const

/** The ways to inspect a vehicle, above whichever of them is open. */
export function WalkLayout() {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  return (
    <>
      <SubNav
        label={t('ways.label')}
        base={`/p/${projectId}/walk`}
        ways={ways.map(({ to, word }) => ({ to, name: t(word) }))}
      />
      <Outlet />
    </>
  )
}
