import { useState } from 'react'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { donorKinds } from '@/api/generated/enums'
import { useRole } from '@/api/useRole'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount, Line, Note, Pick } from '@/ui/form/named'
import { filled, line, orNothing, useAmountRule } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'
import { minorText } from '@/ui/format/money'

type Donor = Schemas['DonorResponse']

/** A car or a lot that is bought for its pieces. */
export function DonorForm({ projectId, donor, onClose }: { projectId: string; donor?: Donor; onClose: () => void }) {
  const { t } = useTranslation()
  const { currency, today } = useFormat()
  const { owns } = useRole()
  const amount = useAmountRule()(currency)
  const [ids] = useState(() => ({ id: donor?.id ?? crypto.randomUUID(), placeId: crypto.randomUUID() }))
  const form = useFields(
    z.object({
      kind: z.enum(donorKinds),
      name: line(t('form.missing')),
      cost: orNothing(amount),
      boughtOn: z.string().min(1, t('form.missing')),
      goneBy: z.string(),
      goneOn: z.string(),
      note: z.string().max(4000),
    }),
    {
      kind: donor?.kind ?? ('VEHICLE' as const),
      name: donor?.name ?? '',
      cost: donor?.costMinor ? minorText(donor.costMinor, currency) : '',
      boughtOn: donor?.boughtOn ?? today(),
      goneBy: donor?.goneBy ?? '',
      goneOn: donor?.goneOn ?? '',
      note: donor?.note ?? '',
    },
  )
  const save = useWrite(
    (fields: Schemas['DonorFields'], id) =>
      donor
        ? unwrap(
            api.PUT('/api/donors/{id}', {
              params: { path: { id: donor.id } },
              body: { fields, version: donor.version },
              ...write(id),
            }),
          )
        : unwrap(
            api.POST('/api/projects/{projectId}/donors', {
              params: { path: { projectId } },
              body: { ...ids, fields },
              ...write(id),
            }),
          ),
    { said: (fields) => t('donor.saved', { name: fields.name }), done: onClose },
  )
  return (
    <Sheet title={donor ? t('donor.edit') : t('donor.add')} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('save')}
        onSubmit={({ cost, ...said }) =>
          save.mutate({ ...filled(said), ...(cost !== undefined && { costMinor: cost }) })
        }
      >
        <Pick name="kind" label={t('donor.kind')} of={donorKinds} say={(k) => t(`donor.kindIs.${k}`)} />
        <Line name="name" label={t('donor.name')} />
        {owns && <Amount name="cost" label={t('donor.cost', { currency })} currency={currency} />}
        <div className="grid grid-cols-2 gap-3">
          <Line name="boughtOn" label={t('donor.boughtOn')} type="date" />
          <Line name="goneBy" label={t('donor.goneByLabel')} type="date" />
          {donor && <Line name="goneOn" label={t('donor.goneOnLabel')} type="date" />}
        </div>
        <Note name="note" label={t('donor.note')} rows={2} />
      </Form>
    </Sheet>
  )
}
