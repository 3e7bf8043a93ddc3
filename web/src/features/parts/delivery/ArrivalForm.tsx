import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Whole } from '@/ui/form/named'
import { filled, orNothing, whole } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'

/** It has come, all of it or a part; what is still to come gets its own day. */
export function ArrivalForm({ need }: { need: Schemas['Need'] }) {
  const { t } = useTranslation()
  const { today } = useFormat()
  const several = need.quantity > 1
  const form = useFields(
    z.object({
      arrivedOn: z.string().min(1, t('form.missing')),
      pieces: orNothing(whole(t('delivery.piecesWrong', { count: need.quantity }), { min: 1, max: need.quantity })),
      restOn: z.string(),
    }),
    { arrivedOn: today(), pieces: '', restOn: '' },
  )
  const arrive = useWrite(
    (body: Schemas['ArrivalRequest'], id) =>
      unwrap(api.POST('/api/needs/{id}/arrival', { params: { path: { id: need.id } }, body, ...write(id) })),
    { said: () => t('parts.hasArrived', { part: need.title }) },
  )
  return (
    <Form
      form={form}
      save={arrive}
      label={t('parts.arrived')}
      aside
      onSubmit={(v) => arrive.mutate({ ...filled(v), version: need.version })}
    >
      <Line name="arrivedOn" label={t('delivery.arrivedOn')} type="date" max={today()} />
      {several && (
        <details>
          <summary className="cursor-pointer py-2 font-semibold">{t('delivery.notAll')}</summary>
          <div className="grid gap-3">
            <Whole name="pieces" label={t('delivery.pieces', { count: need.quantity })} />
            <Line name="restOn" label={t('delivery.restOn')} type="date" min={today()} />
          </div>
        </details>
      )}
    </Form>
  )
}
