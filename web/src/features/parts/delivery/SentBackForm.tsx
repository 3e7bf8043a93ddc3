import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { filled } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'

/** The parcel is on its way back. */
export function SentBackForm({ lineId }: { lineId: string }) {
  const { t } = useTranslation()
  const { today } = useFormat()
  const form = useFields(z.object({ sentOn: z.string().min(1, t('form.missing')), slip: z.string().max(120) }), {
    sentOn: today(),
    slip: '',
  })
  const sent = useWrite(
    (body: Schemas['SentBackRequest'], id) =>
      unwrap(api.POST('/api/order-lines/{id}/sent-back', { params: { path: { id: lineId } }, body, ...write(id) })),
    { said: () => t('delivery.isSentBack') },
  )
  return (
    <Form
      form={form}
      save={sent}
      label={t('delivery.posted')}
      className="card-sheet p-3"
      onSubmit={(v) => sent.mutate(filled(v))}
    >
      <h3 className="font-semibold">{t('delivery.sendBackTitle')}</h3>
      <p className="quiet text-sm">{t('delivery.sendBackHow')}</p>
      <Line name="sentOn" label={t('delivery.sentOn')} type="date" max={today()} />
      <Line name="slip" label={t('delivery.slip')} />
    </Form>
  )
}
