import { Link } from 'react-router'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { OctagonAlert } from 'lucide-react'
import type { Schemas } from '@/api/client'
import { findingsQuery } from '@/api/queries'
import { SafetyMark } from '@/ui/safety/SafetyMark'
import type { Card, Seen } from './shortLook'

/** What a fault became; and, where it stops the look as it was meant, what it means for the buyer. */
export function FaultKept({
  projectId,
  card,
  seen,
  standing,
  nameOf,
  onDone,
}: {
  projectId: string
  card: Card
  seen: Seen
  standing: Schemas['Standing'][]
  nameOf: (place: string) => string
  onDone: () => void
}) {
  const { t } = useTranslation()
  const { data: findings } = useQuery(findingsQuery(projectId))
  return (
    <div role="status" className="grid gap-2 border-t border-base-300 pt-3">
      {standing.map((s) => {
        const finding = findings?.find((f) => f.id === s.findingId)
        return (
          <div key={s.findingId} className="grid gap-1">
            {finding && (
              <>
                <p className="font-semibold">
                  {t(s.known ? 'check.findingKnown' : 'check.findingMade', {
                    kind: t(`kind.${finding.kind}`),
                    place: nameOf(finding.zone),
                  })}
                </p>
                <SafetyMark safety={finding.safetyClass} />
              </>
            )}
            <Link className="link" to={`/p/${projectId}/walk?finding=${s.findingId}`}>
              {t('check.sayMore')}
            </Link>
          </div>
        )
      })}
      {card.stop && seen === 'BAD' && (
        <p className="flex items-start gap-2 rounded border-l-4 border-error bg-base-100 p-3 font-semibold">
          <OctagonAlert className="mt-0.5 size-5 shrink-0 text-error" aria-hidden="true" />
          {t(`short.stop.${card.stop.meaning}`, { because: card.stop.because })}
        </p>
      )}
      <button type="button" className="btn btn-primary btn-lg" autoFocus onClick={onDone}>
        {t('check.goOn')}
      </button>
    </div>
  )
}
