import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { Sheet } from '@/ui/form/Sheet'

/** Excuses one rule for one pair of jobs, with a reason that stays. */
export function Excuse({
  projectId,
  rule,
  beforeId,
  afterId,
  what,
  onClose,
}: {
  projectId: string
  rule: string
  beforeId: string
  afterId: string
  what: string
  onClose: () => void
}) {
  const { t } = useTranslation()
  const form = useFields(z.object({ reason: line(t('form.missing')) }), { reason: '' })
  const save = useWrite(
    (body: Schemas['WaiverRow'], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/order-of-work/waive', {
          params: { path: { projectId } },
          body,
          ...write(id),
        }),
      ),
    { said: () => t('order.waived'), done: onClose },
  )
  return (
    <Sheet title={t('order.waive')} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('order.keepWaiver')}
        onSubmit={({ reason }) => save.mutate({ rule, beforeId, afterId, reason })}
      >
        <p>{what}</p>
        <Line name="reason" label={t('order.reason')} />
      </Form>
    </Sheet>
  )
}
