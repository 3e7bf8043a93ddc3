import { useState } from 'react'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Decimal, Line, Note } from '@/ui/form/named'
import { filled, number } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'
import { ProofHistory } from './ProofHistory'
import type { Proof } from './road'

/** One test: what to do, what was recorded, and a form for today's. */
export function ProofSheet({ projectId, proof: p, onClose }: { projectId: string; proof: Proof; onClose: () => void }) {
  const { t } = useTranslation()
  const { today } = useFormat()
  const [id] = useState(() => crypto.randomUUID())
  const form = useFields(
    z.object({
      doneOn: z.string(),
      value: p.value ? number(t('form.number')) : z.undefined(),
      validUntil: z.string(),
      note: z.string().max(4000),
    }),
    { doneOn: today(), value: p.value ? '' : undefined, validUntil: '', note: '' },
  )
  const save = useWrite(
    (body: Schemas['ProofRequest'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/proofs', {
          params: { path: { projectId } },
          body,
          ...write(writeId),
        }),
      ),
    { said: () => t('road.proved', { what: p.name }), done: onClose },
  )
  return (
    <Sheet title={p.name} onClose={onClose}>
      <p className="border-l-4 border-accent bg-base-200 p-3">{p.how}</p>
      <p className="quiet mt-2 text-sm">{t('road.manualFirst')}</p>
      <Form
        form={form}
        save={save}
        label={t('road.record')}
        className="mt-4"
        onSubmit={(v) => save.mutate({ id, proof: p.id, ...filled(v) })}
      >
        <Line name="doneOn" label={t('road.doneOn')} type="date" />
        {p.value && (
          <Decimal
            name="value"
            label={`${p.value.name}, ${p.value.unit}`}
            hint={t('road.least', { least: p.value.least, unit: p.value.unit })}
          />
        )}
        {p.until && <Line name="validUntil" label={t('road.validUntil')} type="date" />}
        <Note name="note" label={t('road.note')} />
      </Form>
      <ProofHistory proof={p} />
    </Sheet>
  )
}
