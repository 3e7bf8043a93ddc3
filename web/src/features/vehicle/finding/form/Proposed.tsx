import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Schemas } from '@/api/client'
import { ProblemAlert } from '@/ui/page/Feedback'
import { SafetyMark } from '@/ui/safety/SafetyMark'
import { JudgementFields, type Judgement } from './JudgementFields'

/** What a fault of this kind at this place is held for, until somebody says otherwise. */
export function Proposed({
  projectId,
  zone,
  kind,
  component,
  said,
  onChange,
}: {
  projectId: string
  zone: string
  kind: Schemas['FindingFields']['kind']
  component?: string
  said: Judgement
  onChange: (said: Judgement) => void
}) {
  const { t } = useTranslation()
  const { data, error } = useQuery({
    queryKey: ['proposal', projectId, zone, kind, component],
    queryFn: () =>
      unwrap(
        api.GET('/api/projects/{projectId}/proposal', {
          params: { path: { projectId }, query: { zone, kind, ...(component && { component }) } },
        }),
      ),
  })
  // below the button, which would move away under the finger when the answer comes
  return (
    <section aria-label={t('walk.proposed')} className="card-sheet min-h-32 p-3">
      {data && (
        <>
          <p className="mb-2 flex flex-wrap items-center gap-x-4 gap-y-1">
            <SafetyMark safety={said.safetyClass ?? data.safetyClass} />
            <span>{t('walk.severity', { grade: said.severity ?? data.severity })}</span>
            <span>{t(`seen.${said.howSeen ?? data.howSeen}`)}</span>
          </p>
          <p className="quiet text-sm">
            {t('walk.proposedBecause')} {data.reasons.map((r) => t(`reason.${r}`)).join(' ')}
          </p>
          <details>
            <summary className="cursor-pointer py-1 text-sm font-semibold">{t('walk.differ')}</summary>
            <JudgementFields value={said} proposal={data} onChange={onChange} />
          </details>
        </>
      )}
      <ProblemAlert error={error} />
    </section>
  )
}
