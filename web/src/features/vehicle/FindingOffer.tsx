import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/Feedback'
import { useFormat } from '@/ui/format'

type Fields = Schemas['FindingFields']

/** One press from a failed check to a finding; what it means is proposed as for any finding. */
export function FindingOffer({
  projectId,
  zone,
  place,
  kind,
  how,
  checkId,
  onDone,
}: {
  projectId: string
  zone: string
  place: string
  kind: Fields['kind']
  how: NonNullable<Fields['howSeen']>
  checkId: string
  onDone: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const [id] = useState(() => crypto.randomUUID())
  const save = useWrite(
    (fields: Fields, writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/findings', {
          params: { path: { projectId } },
          body: { id, fields },
          ...write(writeId),
        }),
      ),
    { said: () => t('walk.recorded', { kind: t(`kind.${kind}`), zone: place }), done: onDone },
  )
  return (
    <div className="grid gap-2 border-t border-base-300 pt-3">
      <p className="font-semibold">{t('check.findingToo')}</p>
      <p>{t('check.findingProposed', { kind: t(`kind.${kind}`), place })}</p>
      <ProblemAlert error={save.error} />
      <button
        type="button"
        className="btn btn-primary btn-lg"
        autoFocus
        disabled={save.isPending}
        onClick={() => save.mutate({ zone, kind, howSeen: how, covered: false, foundOn: format.today(), checkId })}
      >
        {t('check.recordFinding')}
      </button>
      <button type="button" className="btn btn-ghost" onClick={onDone}>
        {t('check.notAFinding')}
      </button>
    </div>
  )
}
