import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { JobPick } from '@/ui/form/JobPick'
import { Line } from '@/ui/form/named'
import { filled, line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useAnother } from '@/ui/form/draft/useAnother'

/** How one awkward fastener of a job is reached. */
export function NewReach({ projectId, jobId }: { projectId: string; jobId: string }) {
  const { t } = useTranslation()
  const there = line(t('form.missing'))
  const form = useFields(z.object({ fastener: there, tools: there, onlyAfter: z.string() }), {
    fastener: '',
    tools: '',
    onlyAfter: '',
  })
  const { id, another } = useAnother(form)
  const add = useWrite(
    (body: Schemas['NewReach'], writeId) =>
      unwrap(api.POST('/api/jobs/{jobId}/reach', { params: { path: { jobId } }, body, ...write(writeId) })),
    {
      said: () => t('reach.kept'),
      done: another,
    },
  )
  return (
    <Form form={form} save={add} label={t('reach.keep')} aside onSubmit={(v) => add.mutate({ id, ...filled(v) })}>
      <Line name="fastener" label={t('reach.fastener')} />
      <Line name="tools" label={t('reach.tools')} />
      <JobPick name="onlyAfter" projectId={projectId} label={t('reach.after')} none={t('reach.any')} except={jobId} />
    </Form>
  )
}
