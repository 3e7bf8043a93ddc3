import { useTranslation } from 'react-i18next'
import { standstillCauses } from '@/api/generated/enums'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice } from '@/ui/form/Field'
import { useFormat } from '@/ui/format/format'

type Progress = Schemas['PaceResponse']
type Cause = Schemas['CauseRequest']['cause']

/** When nothing was done for a month and more, and why: where the calendar went. */
export function Standstills({ projectId, progress }: { projectId: string; progress: Progress }) {
  const { t } = useTranslation()
  const { standstills, daysByCause } = progress
  if (standstills.length === 0) return null
  const days = standstills.reduce((sum, s) => sum + s.days, 0)
  const unsaid = standstills.filter((s) => !s.cause).length
  return (
    <details open={unsaid > 0}>
      <summary className="cursor-pointer py-2 font-semibold">
        {t('progress.stood', { count: days })}
        {daysByCause.length > 0 &&
          ` (${daysByCause.map((c) => t('progress.stoodBy', { cause: t(`progress.cause.${c.cause}`), count: c.days })).join(', ')})`}
      </summary>
      <ul className="grid max-w-2xl gap-2">
        {standstills.map((s) => (
          <Standstill key={s.since} projectId={projectId} standstill={s} />
        ))}
      </ul>
    </details>
  )
}

function Standstill({ projectId, standstill: s }: { projectId: string; standstill: Progress['standstills'][number] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const explain = useWrite(
    (cause: Cause, id) =>
      unwrap(
        api.PUT('/api/projects/{projectId}/progress/standstills', {
          params: { path: { projectId } },
          body: { since: s.since, cause },
          ...write(id),
        }),
      ),
    { said: () => t('progress.causeKept') },
  )
  return (
    <li className="border-b border-base-300 pb-2">
      <Choice
        label={t('progress.standstill', {
          from: format.dayAndYear(s.since),
          to: format.dayAndYear(s.until),
          count: s.days,
        })}
        value={s.cause ?? ''}
        disabled={explain.isPending}
        onChange={(e) => e.target.value && explain.mutate(e.target.value as Cause)}
      >
        {!s.cause && <option value="">{t('progress.whyStood')}</option>}
        {standstillCauses.map((c) => (
          <option key={c} value={c}>
            {t(`progress.cause.${c}`)}
          </option>
        ))}
      </Choice>
      <ProblemAlert error={explain.error} />
    </li>
  )
}
