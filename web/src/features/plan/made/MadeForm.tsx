import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Note, Whole } from '@/ui/form/named'
import { line, whole } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'

/** Of what, how large and how many. */
export function MadeForm({ jobId, stored }: { jobId: string; stored: Schemas['MadeResponse'] | undefined }) {
  const { t } = useTranslation()
  const form = useFields(
    z.object({
      material: line(t('made.materialMissing')),
      sizes: line(t('made.sizesMissing'), 4000),
      pieces: whole(t('made.piecesWrong'), { min: 1, max: 999 }),
      number: z.string(),
    }),
    {
      material: stored?.part.material ?? '',
      sizes: stored?.part.sizes ?? '',
      pieces: stored?.part.pieces ?? 1,
      number: stored?.part.number ?? '',
    },
  )
  const save = useWrite(
    (body: Schemas['MadeRequest'], writeId) =>
      unwrap(api.PUT('/api/jobs/{jobId}/made', { params: { path: { jobId } }, body, ...write(writeId) })),
    { said: () => t('made.saved') },
  )
  return (
    <Form
      form={form}
      save={save}
      label={t('save')}
      aside
      onSubmit={(part) => save.mutate({ part, version: stored?.version ?? 0 })}
    >
      <Line name="material" label={t('made.material')} hint={t('made.materialHint')} maxLength={120} />
      <Note name="sizes" label={t('made.sizes')} />
      <Whole name="pieces" label={t('made.pieces')} />
      <Line name="number" label={t('made.number')} maxLength={120} />
      <p className="quiet text-sm">{t('made.drawing')}</p>
    </Form>
  )
}
