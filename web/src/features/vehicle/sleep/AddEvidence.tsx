import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { evidenceKinds } from '@/api/generated/enums'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Pick } from '@/ui/form/named'
import { filled } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'

/** Something that says when the vehicle last ran. */
export function AddEvidence({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const form = useFields(
    z
      .object({ kind: z.enum(evidenceKinds), usedOn: z.string(), note: z.string() })
      .transform((v) => ({ ...v, usedOn: v.kind === 'UNDISTURBED' ? '' : v.usedOn })),
    { kind: 'DATED_PAPER' as const, usedOn: '', note: '' },
  )
  const kind = useWatch({ control: form.control, name: 'kind' })
  const add = useWrite(
    (body: Schemas['NewEvidenceRequest'], id) =>
      unwrap(api.POST('/api/projects/{projectId}/sleep', { params: { path: { projectId } }, body, ...write(id) })),
    {
      said: () => t('sleep.added'),
      done: () => form.reset({ kind, usedOn: '', note: '' }),
    },
  )
  return (
    <Form
      form={form}
      save={add}
      label={t('sleep.add')}
      aside
      onSubmit={({ note, ...v }) => add.mutate({ id: crypto.randomUUID(), note, ...filled(v) })}
    >
      <Pick name="kind" label={t('sleep.evidence')} of={evidenceKinds} say={(k) => t(`sleep.kind.${k}`)} />
      {kind !== 'UNDISTURBED' && <Line name="usedOn" label={t('sleep.usedOn')} type="date" />}
      <Line name="note" label={t('sleep.note')} maxLength={400} />
    </Form>
  )
}
