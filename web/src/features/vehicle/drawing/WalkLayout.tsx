import { Outlet, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { GroupedSubNav } from '@/ui/page/SubNav'

const groups = [
  {
    word: 'ways.look',
    ways: [
      { to: '', word: 'ways.drawing' },
      { to: '/short-look', word: 'ways.short' },
      { to: '/checks', word: 'ways.checks' },
      { to: '/equipment', word: 'ways.equipment' },
      { to: '/identity', word: 'ways.identity' },
      { to: '/parts', word: 'ways.anatomy' },
      { to: '/inventory', word: 'ways.boxes' },
    ],
  },
  {
    word: 'ways.measure',
    ways: [
      { to: '/readings', word: 'ways.readings' },
      { to: '/structure', word: 'ways.shell' },
      { to: '/fault-codes', word: 'ways.codes' },
    ],
  },
  {
    word: 'ways.decideAll',
    ways: [
      { to: '/decide', word: 'ways.decide' },
      { to: '/second-look', word: 'ways.again' },
    ],
  },
  {
    word: 'ways.share',
    ways: [
      { to: '/paper', word: 'ways.paper' },
      { to: '/review', word: 'ways.eyes' },
    ],
  },
] as const

/** The ways to inspect a vehicle, above whichever of them is open: look, measure, decide, share. */
export function WalkLayout() {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  return (
    <>
      <GroupedSubNav
        label={t('ways.label')}
        base={`/p/${projectId}/walk`}
        groups={groups.map((g) => ({ name: t(g.word), ways: g.ways.map(({ to, word }) => ({ to, name: t(word) })) }))}
      />
      <Outlet />
    </>
  )
}
