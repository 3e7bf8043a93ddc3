import { useTranslation } from 'react-i18next'
import { z } from 'zod'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { JobPick } from '@/ui/form/JobPick'
import { Line } from '@/ui/form/named'
import { filled, line as text } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { causeOf, type FaultLine, type Faults } from './faultCodes'

type Props = { projectId: string; faults: Faults; line: FaultLine; onClose: () => void }

/** What is behind a code, and which job is to cure it. */
export function CauseForm({ projectId, faults, line, onClose }: Props) {
  const { t } = useTranslation()
  const known = causeOf(faults, line)
  const form = useFields(z.object({ cause: text(t('form.missing')), jobId: z.string() }), {
    cause: known?.cause ?? '',
    jobId: known?.jobId ?? '',
  })
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
  return (
    <Sheet title={`${line.code.code} · ${line.code.module}`} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('codes.keepCause')}
        onSubmit={(v) => save.mutate({ ...line.code, version: known?.version ?? 0, ...filled(v) })}
      >
        {line.hint && <p className="quiet text-sm">{t(`codes.hint.${line.hint}`)}</p>}
        <Line name="cause" label={t('codes.cause')} known={faults.causes.map((c) => c.cause)} />
        <JobPick
          name="jobId"
          projectId={projectId}
          label={t('codes.job')}
          hint={t('codes.jobHint')}
          none={t('codes.noJob')}
        />
      </Form>
    </Sheet>
  )
}
