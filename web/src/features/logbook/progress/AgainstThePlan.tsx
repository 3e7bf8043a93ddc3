import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { hours, useFormat } from '@/ui/format/format'

/** Where one stands against the plan that was kept, and what of it is overdue. */
export function AgainstThePlan({ plan: p }: { plan: Schemas['AgainstPlan'] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const day = format.far(p.keptOn)
  const stands = p.lateDays > 0 ? 'late' : p.lateDays < 0 ? 'ahead' : 'onTime'
  return (
    <>
      <p className="mt-1">
        {stands === 'onTime'
          ? t('progress.onThePlan', { day })
          : t(`progress.${stands}`, { count: Math.abs(p.lateDays), day })}{' '}
        {p.plannedMinutes > 0 &&
          t('progress.dueByNow', { planned: hours(p.plannedMinutes), earned: hours(p.earnedMinutes) })}
      </p>
      {p.overdue.length > 0 && (
        <details>
          <summary className="cursor-pointer py-2 font-semibold">
            {t('progress.overdue', { count: p.overdue.length })}
          </summary>
          <ul className="list-disc pl-5">
            {p.overdue.map((title, i) => (
              <li key={i}>{title}</li>
            ))}
          </ul>
        </details>
      )}
    </>
  )
}
