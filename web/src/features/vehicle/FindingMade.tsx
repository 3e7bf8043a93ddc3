import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { findingsQuery } from '@/api/queries'
import { SafetyMark } from '@/ui/SafetyMark'
import { isOver } from './findingMarks'

/** What a failed check became, and two ways on: to the next check, or to say more of it. */
export function FindingMade({
  projectId,
  zone,
  place,
  checkId,
  onDone,
}: {
  projectId: string
  /** Absent where the check belongs to no place of the drawing. */
  zone: string | undefined
  place: string
  checkId: string
  onDone: () => void
}) {
  const { t } = useTranslation()
  const { data: findings } = useQuery(findingsQuery(projectId))
  const made = findings?.find((f) => f.checkId === checkId && f.zone === (zone ?? 'vehicle') && !isOver(f))
  return (
    <div className="grid gap-2 border-t border-base-300 pt-3" role="status">
      {made && (
        <>
          <p className="font-semibold">{t('check.findingMade', { kind: t(`kind.${made.kind}`), place })}</p>
          <p>
            <SafetyMark safety={made.safetyClass} />
          </p>
        </>
      )}
      <button type="button" className="btn btn-primary btn-lg" autoFocus onClick={onDone}>
        {t('check.goOn')}
      </button>
      {made && (
        <Link className="btn btn-ghost" to={`/p/${projectId}/walk?finding=${made.id}`}>
          {t('check.sayMore')}
        </Link>
      )}
    </div>
  )
}
