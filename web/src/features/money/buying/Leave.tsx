import { useForm } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'

/** Left where it stands, and why. */
export function Leave({ projectId, onDone }: { projectId: string; onDone: () => void }) {
  const { t } = useTranslation()
  const form = useForm({ defaultValues: { reason: '' } })
  const leave = useWrite(
    (body: Schemas['LeavingRequest'], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/buying/leaving', { params: { path: { projectId } }, body, ...write(id) }),
      ),
    { said: () => t('bid.isLeft'), done: onDone },
  )
  return (
    <Form
      form={form}
      save={leave}
      label={t('bid.leaveIt')}
      className="card-sheet p-4"
      onSubmit={(v) => leave.mutate(v)}
    >
      <Line name="reason" label={t('bid.leaveReason')} />
    </Form>
  )
}
