import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { filled, line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'

/** Not to be bought until something is known: what, and by when somebody has to answer. */
export function HoldForm({ need }: { need: Schemas['Need'] }) {
  const { t } = useTranslation()
  const { today } = useFormat()
  const form = useFields(z.object({ reason: line(t('form.missing')), answerBy: z.string() }), {
    reason: '',
    answerBy: '',
  })
  const hold = useWrite(
    (body: Schemas['HoldRequest'], id) =>
      unwrap(api.POST('/api/needs/{id}/hold', { params: { path: { id: need.id } }, body, ...write(id) })),
    { said: () => t('parts.held') },
  )
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('parts.holdIt')}</summary>
      <Form
        form={form}
        save={hold}
        label={t('parts.hold')}
        aside
        onSubmit={(v) => hold.mutate({ ...filled(v), version: need.version })}
      >
        <Line name="reason" label={t('parts.holdReason')} />
        <Line name="answerBy" label={t('parts.holdUntil')} hint={t('parts.holdUntilHint')} type="date" min={today()} />
      </Form>
    </details>
  )
}
