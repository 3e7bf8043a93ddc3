import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'

/** It leaves the garage: to whom, and by when it should be back. */
export function SendForm({ sentOut: { row, offers } }: { sentOut: Schemas['SentOutResponse'] }) {
  const { t } = useTranslation()
  const best = offers.find((o) => !o.offer.refused)?.offer
  const there = line(t('form.missing'))
  const form = useFields(z.object({ carrier: there, expectedOn: there }), {
    carrier: best?.carrier ?? '',
    expectedOn: '',
  })
  const send = useWrite(
    (body: Schemas['SendRequest'], id) =>
      unwrap(api.POST('/api/sent-out/{id}/send', { params: { path: { id: row.id } }, body, ...write(id) })),
    { said: () => t('away.sent', { what: row.title }) },
  )
  return (
    <Form
      form={form}
      save={send}
      label={t('away.send')}
      inRow
      onSubmit={(v) => send.mutate({ ...v, version: row.version })}
    >
      <Line name="carrier" label={t('away.to')} />
      <Line name="expectedOn" label={t('away.backOn')} type="date" />
    </Form>
  )
}
