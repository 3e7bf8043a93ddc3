import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice } from '@/ui/form/Field'

type Finding = Schemas['FindingRow']
type PreviousWork = NonNullable<Finding['previousWork']>
const previous: PreviousWork[] = ['REMOVE', 'KEEP', 'RESTORE']

/** What a finding was found behind, and what becomes of an earlier owner's work. */
export function OriginForm({
  finding,
  others,
  nameOf,
  onDone,
}: {
  finding: Finding
  others: Finding[]
  nameOf: (f: Finding) => string
  onDone: () => void
}) {
  const { t } = useTranslation()
  const [behindId, setBehind] = useState(finding.behindId ?? '')
  const [work, setWork] = useState<PreviousWork | ''>(finding.previousWork ?? '')
  const save = useWrite(
    (body: Schemas['OriginRequest'], id) =>
      unwrap(api.PUT('/api/findings/{id}/origin', { params: { path: { id: finding.id } }, body, ...write(id) })),
    { said: () => t('origin.saved'), done: onDone },
  )
  return (
    <form
      className="grid gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        save.mutate({
          ...(behindId && { behindId }),
          ...(work && { previousWork: work }),
          version: finding.version,
        })
      }}
    >
      <Choice label={t('origin.behind')} value={behindId} onChange={(e) => setBehind(e.target.value)}>
        <option value="">{t('origin.behindNothing')}</option>
        {others.map((f) => (
          <option key={f.id} value={f.id}>
            {nameOf(f)}
          </option>
        ))}
      </Choice>
      <Choice label={t('origin.previous')} value={work} onChange={(e) => setWork(e.target.value as PreviousWork | '')}>
        <option value="">{t('origin.previousNone')}</option>
        {previous.map((p) => (
          <option key={p} value={p}>
            {t(`origin.previousWork.${p}`)}
          </option>
        ))}
      </Choice>
      <ProblemAlert error={save.error} />
      <div className="flex gap-2">
        <button type="submit" className="btn btn-primary" disabled={save.isPending}>
          {t('origin.save')}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          {t('notNow')}
        </button>
      </div>
    </form>
  )
}
