import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import type { Plan } from '../axis/lanes'

/** Says that this is the plan: later plans keep to it, and what slips against it is said. */
export function FollowPlan({ projectId, plan }: { projectId: string; plan: Plan }) {
  const { t } = useTranslation()
  const follow = useWrite(
    (_: object, id) =>
      unwrap(api.POST('/api/projects/{projectId}/plan/follow', { params: { path: { projectId } }, ...write(id) })),
    { said: () => t('dates.follows'), undoable: false },
  )
  return (
    <div>
      <button type="button" className="btn" disabled={follow.isPending} onClick={() => follow.mutate({})}>
        {t(plan.followedAt ? 'dates.followAgain' : 'dates.follow')}
      </button>
      <ProblemAlert error={follow.error} />
    </div>
  )
}

/** What is on another day than in the plan that is followed. */
export function Slipped({ plan, onChoose }: { plan: Plan; onChoose: (key: string) => void }) {
  const { t } = useTranslation()
  const format = useFormat()
  const slipped = plan.activities.filter((a) => a.followed)
  if (!plan.followedAt || slipped.length === 0) return null
  return (
    <Part title={t('dates.slipped', { count: slipped.length, day: format.day(format.dateOf(plan.followedAt)) })}>
      <ul className="max-h-64 overflow-y-auto">
        {slipped.map((a) => (
          <li key={a.key}>
            <button type="button" className="link py-1 text-left" onClick={() => onChoose(a.key)}>
              {a.subject.title}
            </button>
            : {format.shortDay(a.followed!)} → {format.shortDay(a.start)}
          </li>
        ))}
      </ul>
    </Part>
  )
}
