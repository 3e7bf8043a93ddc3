import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useAnother } from '@/ui/form/draft/useAnother'

/** A part that looks alike on a sister variant, and by what one tells it. */
export function NewVariantPart({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const there = line(t('form.missing'))
  const form = useFields(z.object({ name: there, difference: there }), { name: '', difference: '' })
  const { id, another } = useAnother(form)
  const add = useWrite(
    (body: Schemas['VariantPartRow'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/variant-parts', {
          params: { path: { projectId } },
          body,
          ...write(writeId),
        }),
      ),
    {
      said: (p) => t('identitySheet.partAdded', { name: p.name }),
      done: another,
    },
  )
  return (
    <Form
      form={form}
      save={add}
      label={t('identitySheet.addPart')}
      aside
      onSubmit={(part) => add.mutate({ id, ...part })}
    >
      <Line name="name" label={t('identitySheet.part')} />
      <Line name="difference" label={t('identitySheet.difference')} />
    </Form>
  )
}
