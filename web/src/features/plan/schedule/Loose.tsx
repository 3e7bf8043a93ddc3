import { useTranslation } from 'react-i18next'
import { Part } from '@/ui/page/Page'
import { hours } from '@/ui/format/format'
import type { Plan } from './axis/lanes'

/** What should follow soon and does not: why, and what to do about it. */
export function Loose({ plan }: { plan: Plan }) {
  const { t } = useTranslation()
  if (plan.loose.length === 0) return null
  return (
    <Part title={t('dates.loose', { count: plan.loose.length })}>
      <ul className="list-disc pl-5">
        {plan.loose.map((l) => (
          <li key={l.before.id + l.after.id}>
            {t('dates.looseOne', {
              after: l.after.title,
              before: l.before.title,
              within: hours(l.withinMinutes),
              gap: hours(l.gapMinutes),
            })}{' '}
            {t(`dates.looseWhy.${l.why}`)}
          </li>
        ))}
      </ul>
    </Part>
  )
}
