import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { useFields } from '@/ui/form/useFields'
import { figures } from './figures'

/** Runs that were measured since. */
export function RunsForm({ projectId, id }: { projectId: string; id: string }) {
  const { t } = useTranslation()
  const runs = figures(t('gain.figuresWrong'))
  const form = useFields(
    z
      .object({ before: runs, after: runs })
      .refine((said) => said.before.length + said.after.length > 0, { path: ['after'], error: t('gain.moreMissing') }),
    { before: '', after: '' },
  )
  const measure = useWrite(
    (body: Schemas['MoreRuns'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/gains/{id}/runs', {
          params: { path: { projectId, id } },
          body,
          ...write(writeId),
        }),
      ),
    { said: () => t('gain.isMeasured'), done: () => form.reset() },
  )
  return (
    <details>
      <summary className="cursor-pointer py-2">{t('gain.more')}</summary>
      <Form form={form} save={measure} label={t('gain.keepRuns')} aside onSubmit={(said) => measure.mutate(said)}>
        <Line name="after" label={t('gain.after')} hint={t('gain.figuresHint')} maxLength={600} />
        <Line name="before" label={t('gain.before')} maxLength={600} />
      </Form>
    </details>
  )
}
