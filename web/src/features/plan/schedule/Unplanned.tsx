import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { useRole } from '@/api/useRole'
import type { Schemas } from '@/api/client'
import { workPath } from '@/ui/format/workPath'
import { Part } from '@/ui/page/Page'
import { Mending } from '../whatif/Mending'
import { useReason } from './useReason'

type Plan = Schemas['PlanResponse']

/** What has no date: its causes; what only follows it says nothing new. */
export function Unplanned({ plan, projectId }: { plan: Plan; projectId: string }) {
  const { owns } = useRole()
  const { t } = useTranslation()
  const reason = useReason()
  if (plan.unplaced.length === 0) return null
  const noTime = hasNoTime(plan)
  const key = (s: { kind: string; id: string }) => s.kind + s.id
  const without = new Set(plan.unplaced.map((u) => key(u.subject)))
  const causes = plan.unplaced.filter((u) => !u.limit.subject || !without.has(key(u.limit.subject)))
  const told = causes.filter((u) => !isWithoutTime(u))
  const following = plan.unplaced.length - causes.length
  return (
    <Part title={t('plan.unplaced', { count: plan.unplaced.length })}>
      {noTime && (
        <p className="mb-2">
          {t('plan.noTime')}{' '}
          <Link className="link" to="/garage">
            {t('today.sayWhen')}
          </Link>
        </p>
      )}
      <ul>
        {told.map((u) => (
          <li key={key(u.subject)}>
            <Link className="link" to={workPath(projectId, u.subject)}>
              {u.subject.title}
            </Link>
            : {reason(u.limit)}
          </li>
        ))}
      </ul>
      {!noTime && following > 0 && <p className="quiet">{t('plan.following', { count: following })}</p>}
      {owns && <Mending projectId={projectId} />}
    </Part>
  )
}

/** Nobody is there for it as far as the plan reaches. */
const isWithoutTime = (u: Plan['unplaced'][number]) => u.limit.kind === 'NO_TIME' && !u.limit.subject

export const hasNoTime = (plan: Plan) => plan.unplaced.some(isWithoutTime)
