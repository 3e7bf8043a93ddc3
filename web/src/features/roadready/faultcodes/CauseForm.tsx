import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { jobsQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'
import { causeOf, type FaultLine, type Faults } from './FaultCodesPage'

/** What is behind a code, and which job is to cure it. */
export function CauseForm({
  projectId,
  faults,
  line,
  onClose,
}: {
  projectId: string
  faults: Faults
  line: FaultLine
  onClose: () => void
}) {
  const { t } = useTranslation()
  const { data: work } = useQuery(jobsQuery(projectId))
  const known = causeOf(faults, line)
  const [cause, setCause] = useState(known?.cause ?? '')
  const [jobId, setJobId] = useState(known?.jobId ?? '')
  const save = useWrite(
    (body: Schemas['CauseRow'], id) =>
      unwrap(
        api.PUT('/api/projects/{projectId}/fault-codes/causes', {
          params: { path: { projectId } },
          body,
          ...write(id),
        }),
      ),
    { said: () => t('codes.causeKept'), done: onClose },
  )
  const causes = [...new Set(faults.causes.map((c) => c.cause))]
  return (
    <Sheet title={`${line.code.code} · ${line.code.module}`} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({ ...line.code, cause, ...(jobId && { jobId }), version: known?.version ?? 0 })
        }}
      >
        {line.hint && <p className="quiet text-sm">{t(`codes.hint.${line.hint}`)}</p>}
        <TextField
          label={t('codes.cause')}
          value={cause}
          maxLength={120}
          list="causes"
          onChange={(e) => setCause(e.target.value)}
        />
        <datalist id="causes">
          {causes.map((c) => (
            <option key={c} value={c} />
          ))}
        </datalist>
        <Choice
          label={t('codes.job')}
          hint={t('codes.jobHint')}
          value={jobId}
          onChange={(e) => setJobId(e.target.value)}
        >
          <option value="">{t('codes.noJob')}</option>
          {work?.jobs.map((j) => (
            <option key={j.id} value={j.id}>
              {j.code} {j.title}
            </option>
          ))}
        </Choice>
        <ProblemAlert error={save.error} />
        <button type="submit" className="btn btn-primary" disabled={cause.trim() === '' || save.isPending}>
          {t('codes.keepCause')}
        </button>
      </form>
    </Sheet>
  )
}
