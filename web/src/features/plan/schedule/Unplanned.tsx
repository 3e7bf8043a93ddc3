import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { useRole } from '@/api/useRole'
import type { Schemas } from '@/api/client'
import { useFormat } from '@/ui/format/format'
import { workPath } from '@/ui/format/workPath'
import { Part } from '@/ui/page/Page'
import { Mending } from '../whatif/Mending'
import type { Plan } from './axis/lanes'
import { useReason } from './useReason'

/** What has no date: its causes; what only follows it says nothing new. */
export function Unplanned({ plan, projectId }: { plan: Plan; projectId: string }) {
  const { owns } = useRole()
  const { t } = useTranslation()
  const format = useFormat()
  const reason = useReason()
  if (plan.unplaced.length === 0) return null
  const outOfTime = plan.unplaced.filter(isWithoutTime)
  const causes = plan.unplaced.filter((u) => !u.limit.subject || hasPlace(plan, u.limit.subject))
  const told = causes.filter((u) => !isWithoutTime(u))
  const following = plan.unplaced.length - causes.length
  return (
    <Part title={t('plan.unplaced', { count: plan.unplaced.length })}>
      {outOfTime[0] && (
        <p className="mb-2">
          {plan.hasTime
            ? t('plan.tooLittleTime', {
                count: outOfTime.length,
                date: format.far(format.dateOf(outOfTime[0].limit.until)),
              })
            : t('plan.noTime')}{' '}
          <Link className="link" to="/garage">
            {t(plan.hasTime ? 'today.changeTime' : 'today.sayWhen')}
          </Link>
        </p>
      )}
      <ul>
        {told.map((u) => (
          <li key={u.subject.kind + u.subject.id}>
            <Link className="link" to={workPath(projectId, u.subject)}>
              {u.subject.title}
            </Link>
            : {reason(u.limit)}
          </li>
        ))}
      </ul>
      {plan.hasTime && following > 0 && <p className="quiet">{t('plan.following', { count: following })}</p>}
      {owns && <Mending projectId={projectId} />}
    </Part>
  )
}

export const hasPlace = (plan: Plan, of: Schemas['Subject']) =>
  !plan.unplaced.some((u) => u.subject.kind === of.kind && u.subject.id === of.id)

/** Nobody is there for it as far as the plan reaches. */
const isWithoutTime = (u: Plan['unplaced'][number]) => u.limit.kind === 'NO_TIME' && !u.limit.subject

/** Why nothing has a date; undefined where it is not for want of time. */
export function wantOfTime(plan: Plan) {
  if (!plan.unplaced.some(isWithoutTime)) return undefined
  return plan.hasTime ? 'plan.noDateTooLittleTime' : 'plan.noDateWithoutTime'
}
