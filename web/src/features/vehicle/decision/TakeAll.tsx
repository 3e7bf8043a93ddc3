import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import type { Proposed } from './decisions'

/** Takes every proposal at once: one change, which can be taken back as one. */
export function TakeAll({ waiting }: { waiting: Proposed[] }) {
  const { t } = useTranslation()
  const projectId = waiting[0]!.finding.projectId
  const take = useWrite(
    (all: Proposed[], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/decisions', {
          params: { path: { projectId } },
          body: {
            decisions: all.map(({ finding, proposal }) => ({
              findingId: finding.id,
              decision: proposal.decision,
              reason: t(`decide.why.${proposal.why}`),
              version: finding.version,
            })),
          },
          ...write(id),
        }),
      ),
    { said: (all) => t('decide.tookAll', { count: all.length }) },
  )
  return (
    <div>
      <button type="button" className="btn" disabled={take.isPending} onClick={() => take.mutate(waiting)}>
        {t('decide.takeAll', { count: waiting.length })}
      </button>
      <ProblemAlert error={take.error} />
    </div>
  )
}
