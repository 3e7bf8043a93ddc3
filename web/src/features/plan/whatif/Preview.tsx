import type { UseQueryResult } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import type { Problem, Schemas } from '@/api/client'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { MilestoneMoves } from '../schedule/offers/MilestoneMoves'

/** What a change would do to the milestones, with the choice to keep it or to leave it. */
export function Preview({
  move,
  keep,
  onKeep,
  onLeave,
}: {
  move: UseQueryResult<Schemas['MoveResponse']>
  keep: { isPending: boolean; error: Problem | null }
  onKeep: () => void
  onLeave: () => void
}) {
  const { t } = useTranslation()
  return (
    <Loaded query={move} what={t('dates.asking')}>
      {(m) => (
        <div className="mt-1 border-l-4 border-accent pl-3">
          <MilestoneMoves move={m} />
          <ProblemAlert error={keep.error} />
          <div className="mt-2 flex gap-2">
            <button type="button" className="btn btn-primary" disabled={keep.isPending} onClick={onKeep}>
              {t('dates.paceKeep')}
            </button>
            <button type="button" className="btn" onClick={onLeave}>
              {t('dates.leave')}
            </button>
          </div>
        </div>
      )}
    </Loaded>
  )
}
