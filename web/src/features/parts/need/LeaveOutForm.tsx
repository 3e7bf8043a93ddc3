import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'

/** A part that is not needed after all: neither bought nor waited for. */
export function LeaveOutForm({ need }: { need: Schemas['Need'] }) {
  const { t } = useTranslation()
  const form = useFields(z.object({ reason: line(t('form.missing')) }), { reason: '' })
  const leaveOut = useWrite(
    (body: Schemas['LeaveOutRequest'], id) =>
      unwrap(api.POST('/api/needs/{id}/leave-out', { params: { path: { id: need.id } }, body, ...write(id) })),
    { said: () => t('parts.isLeftOut', { part: need.title }) },
  )
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('parts.leaveOut')}</summary>
      <Form
        form={form}
        save={leaveOut}
        label={t('parts.leaveOutNow')}
        aside
        onSubmit={(v) => leaveOut.mutate({ ...v, version: need.version })}
      >
        <Line name="reason" label={t('parts.leaveOutWhy')} />
      </Form>
    </details>
  )
}
