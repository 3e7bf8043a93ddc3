import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { useFreshId } from '@/ui/form/draft/useFreshId'
import { Form } from '@/ui/form/Form'
import { JobPick } from '@/ui/form/JobPick'
import { Line, Pick, Tick } from '@/ui/form/named'
import { filled, line } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { figures } from './figures'

const ways = ['MORE', 'LESS'] as const

/** What was measured before a piece of work and after it. */
export function GainForm({ projectId, onClose }: { projectId: string; onClose: () => void }) {
  const { t } = useTranslation()
  const [id] = useFreshId()
  const runs = figures(t('gain.figuresWrong')).refine((some) => some.length > 0, t('gain.figuresWrong'))
  const form = useFields(
    z.object({
      title: line(t('form.missing')),
      unit: line(t('form.missing'), 20),
      better: z.enum(ways),
      jobId: z.string(),
      before: runs,
      after: runs,
      conditions: z.string().max(120),
      alike: z.boolean(),
    }),
    { title: '', unit: '', better: 'MORE', jobId: '', before: '', after: '', conditions: '', alike: false },
  )
  const add = useWrite(
    (body: Schemas['GainFields'], writeId) =>
      unwrap(api.POST('/api/projects/{projectId}/gains', { params: { path: { projectId } }, body, ...write(writeId) })),
    { said: ({ title }) => t('gain.isAdded', { what: title }), done: onClose },
  )
  return (
    <Sheet title={t('gain.add')} onClose={onClose}>
      <Form
        form={form}
        save={add}
        label={t('gain.save')}
        onSubmit={({ jobId, ...said }) => add.mutate({ id, ...said, ...filled({ jobId }) })}
      >
        <Line name="title" label={t('gain.what')} hint={t('gain.whatHint')} />
        <Line name="unit" label={t('gain.unit')} maxLength={20} />
        <Pick name="better" label={t('gain.better')} of={ways} say={(way) => t(`gain.betterIs.${way}`)} />
        <Line name="before" label={t('gain.before')} hint={t('gain.figuresHint')} maxLength={600} />
        <Line name="after" label={t('gain.after')} maxLength={600} />
        <Line name="conditions" label={t('gain.conditions')} />
        <Tick name="alike" label={t('gain.alike')} />
        <JobPick name="jobId" projectId={projectId} label={t('gain.job')} none={t('gain.noJob')} />
      </Form>
    </Sheet>
  )
}
