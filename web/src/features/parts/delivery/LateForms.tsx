import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'

type Props = { need: Schemas['Need'] }

/** The seller says another day. */
export function NewDayForm({ need }: Props) {
  const { t } = useTranslation()
  const { today } = useFormat()
  const form = useFields(z.object({ expectedOn: z.string().min(1, t('form.missing')) }), { expectedOn: '' })
  const putOff = useWrite(
    (body: Schemas['NewDayRequest'], id) =>
      unwrap(api.POST('/api/needs/{id}/new-day', { params: { path: { id: need.id } }, body, ...write(id) })),
    { said: () => t('delivery.putOff') },
  )
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('delivery.newDay')}</summary>
      <Form
        form={form}
        save={putOff}
        label={t('save')}
        aside
        onSubmit={(v) => putOff.mutate({ ...v, version: need.version })}
      >
        <Line name="expectedOn" label={t('delivery.expectedOn')} type="date" min={today()} />
      </Form>
    </details>
  )
}

/** It will not come at all. */
export function CallOffForm({ need }: Props) {
  const { t } = useTranslation()
  const form = useFields(z.object({ reason: line(t('form.missing')) }), { reason: '' })
  const callOff = useWrite(
    (body: Schemas['CallOffRequest'], id) =>
      unwrap(api.POST('/api/needs/{id}/call-off', { params: { path: { id: need.id } }, body, ...write(id) })),
    { said: () => t('delivery.calledOff') },
  )
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('delivery.callOff')}</summary>
      <Form
        form={form}
        save={callOff}
        label={t('delivery.callOffNow')}
        aside
        onSubmit={(v) => callOff.mutate({ ...v, version: need.version })}
      >
        <Line name="reason" label={t('delivery.callOffWhy')} />
      </Form>
    </details>
  )
}
