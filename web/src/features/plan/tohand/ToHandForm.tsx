import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Note } from '@/ui/form/named'
import { useFields } from '@/ui/form/useFields'

const lines = z.string().transform((text) =>
  text
    .split('\n')
    .map((line) => line.trim())
    .filter((line) => line !== ''),
)

/** Tools and fasteners as a person says them, one per line. */
export function ToHandForm({ jobId, stored }: { jobId: string; stored: Schemas['ToHand'] }) {
  const { t } = useTranslation()
  const form = useFields(z.object({ tools: lines, fasteners: lines }), {
    tools: stored.tools.join('\n'),
    fasteners: stored.fasteners.join('\n'),
  })
  const save = useWrite(
    (body: Schemas['ToHand'], writeId) =>
      unwrap(api.PUT('/api/jobs/{jobId}/to-hand', { params: { path: { jobId } }, body, ...write(writeId) })),
    { said: () => t('toHand.kept') },
  )
  return (
    <Form form={form} save={save} label={t('save')} aside onSubmit={(v) => save.mutate(v)}>
      <Note name="tools" label={t('toHand.toolsField')} />
      <Note name="fasteners" label={t('toHand.fastenersField')} hint={t('toHand.fastenersHint')} />
    </Form>
  )
}
