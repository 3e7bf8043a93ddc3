import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { findingsQuery } from '@/api/queries'
import { SafetyMark } from '@/ui/safety/SafetyMark'

/** What a failed check became, and two ways on: to the next check, or to say more of it. */
export function FindingMade({
  projectId,
  standing,
  place,
  onDone,
}: {
  projectId: string
  standing: Schemas['Standing']
  place: string
  onDone: () => void
}) {
  const { t } = useTranslation()
  const { data: findings } = useQuery(findingsQuery(projectId))
  const made = findings?.find((f) => f.id === standing.findingId)
  return (
    <div className="grid gap-2 border-t border-base-300 pt-3" role="status">
      {made && (
        <>
          <p className="font-semibold">
            {t(standing.known ? 'check.findingKnown' : 'check.findingMade', { kind: t(`kind.${made.kind}`), place })}
          </p>
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
