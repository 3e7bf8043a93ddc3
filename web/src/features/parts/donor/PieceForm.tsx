import { useState } from 'react'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { conditions, sides, verdicts } from '@/api/generated/enums'
import { useRole } from '@/api/useRole'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount, Line, Pick, Whole } from '@/ui/form/named'
import { line, orNothing, useAmountRule, whole } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'

const fresh = () => ({ id: crypto.randomUUID(), moveId: crypto.randomUUID() })

/** One piece after the other is named while one walks round the donor. */
export function PieceForm({ donorId }: { donorId: string }) {
  const { t } = useTranslation()
  const { currency } = useFormat()
  const { owns } = useRole()
  const amount = useAmountRule()(currency)
  const [ids, setIds] = useState(fresh)
  const form = useFields(
    z.object({
      title: line(t('donor.pieceMissing')),
      quantity: whole(t('shelf.quantityWrong'), { min: 1, max: 99_999 }),
      side: z.enum(sides),
      verdict: z.enum(verdicts),
      condition: z.enum(conditions),
      value: orNothing(amount),
    }),
    {
      title: '',
      quantity: '1',
      side: 'NONE' as const,
      verdict: 'UNKNOWN' as const,
      condition: 'UNKNOWN' as const,
      value: '',
    },
  )
  const add = useWrite(
    (body: Schemas['NewPieceRequest'], id) =>
      unwrap(api.POST('/api/donors/{id}/pieces', { params: { path: { id: donorId } }, body, ...write(id) })),
    {
      said: (piece) => t('donor.pieceAdded', { title: piece.title }),
      done: () => {
        setIds(fresh())
        form.resetField('title')
        form.resetField('value')
      },
    },
  )
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('donor.addPiece')}</summary>
      <Form
        form={form}
        save={add}
        label={t('donor.addPiece')}
        aside
        onSubmit={({ value, ...said }) =>
          add.mutate({ ...ids, ...said, ...(value !== undefined && { valueMinor: value }) })
        }
      >
        <Line name="title" label={t('donor.piece')} />
        <Pick name="verdict" label={t('donor.verdict')} of={verdicts} say={(v) => t(`verdict.${v}`)} />
        <div className="grid grid-cols-2 gap-3">
          <Whole name="quantity" label={t('donor.quantity')} />
          <Pick name="side" label={t('donor.side')} of={sides} say={(s) => t(`side.${s}`)} />
          <Pick name="condition" label={t('donor.condition')} of={conditions} say={(c) => t(`condition.${c}`)} />
          {owns && <Amount name="value" label={t('donor.value', { currency })} currency={currency} />}
        </div>
      </Form>
    </details>
  )
}
