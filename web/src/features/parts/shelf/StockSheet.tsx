import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useRole } from '@/api/useRole'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount, Line, Pick, Whole } from '@/ui/form/named'
import { filled, orNothing, useAmountRule, whole } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { useAmounts } from '@/ui/format/amounts'
import { useFormat } from '@/ui/format/format'
import { Photos } from '@/ui/photos/Photos'
import { movesQuery } from './queries'
import { useStockSays } from './useStockSays'

type Stock = Schemas['StockResponse']

/** One thing on the shelf: where it lies, what came and went, and what can be done with it. */
export function StockSheet({ stock: s, onEdit, onClose }: { stock: Stock; onEdit: () => void; onClose: () => void }) {
  const { t } = useTranslation()
  const amount = useAmounts()
  const says = useStockSays()
  return (
    <Sheet title={s.title} onClose={onClose}>
      <div className="grid gap-4">
        <p>
          <span className="text-2xl font-semibold">{amount(s)}</span> <span className="label-code">{s.placeCode}</span>{' '}
          {s.placeName}
        </p>
        <p>{says(s)}</p>
        {s.note && <p className="whitespace-pre-line">{s.note}</p>}
        <Photos subject="STOCK" subjectId={s.id} />
        <GoneForm stock={s} />
        <Moves stock={s} />
        <div>
          <button type="button" className="btn" onClick={onEdit}>
            {t('shelf.edit')}
          </button>
        </div>
      </div>
    </Sheet>
  )
}

function GoneForm({ stock: s }: { stock: Stock }) {
  const { t } = useTranslation()
  const { currency } = useFormat()
  const { owns } = useRole()
  const amount = useAmountRule()(currency)
  const [id, setId] = useState(() => crypto.randomUUID())
  const form = useFields(
    z.object({
      kind: z.enum(['SOLD', 'SCRAPPED']),
      pieces: whole(t('shelf.quantityWrong'), { min: 1, max: s.quantity }),
      note: z.string().max(120),
      proceeds: orNothing(amount),
    }),
    { kind: 'SOLD' as const, pieces: String(s.quantity), note: s.buyer, proceeds: '' },
  )
  const kind = useWatch({ control: form.control, name: 'kind' })
  const gone = useWrite(
    (body: Schemas['StockMoveRequest'], writeId) =>
      unwrap(api.POST('/api/stock/{id}/moves', { params: { path: { id: s.id } }, body, ...write(writeId) })),
    { said: () => t('shelf.goneSaid'), done: () => setId(crypto.randomUUID()) },
  )
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('shelf.gone')}</summary>
      <Form
        form={form}
        save={gone}
        label={t('shelf.goneSave')}
        aside
        onSubmit={({ proceeds, ...v }) =>
          gone.mutate({
            ...filled(v),
            ...(v.kind === 'SOLD' && proceeds !== undefined && { proceedsMinor: proceeds }),
            id,
            version: s.version,
          })
        }
      >
        <Pick
          name="kind"
          label={t('shelf.goneHow')}
          hint={t('shelf.soldHint')}
          of={['SOLD', 'SCRAPPED'] as const}
          say={(k) => t(`shelf.goneAs.${k}`)}
        />
        <Whole name="pieces" label={t('shelf.goneCount')} />
        {owns && kind === 'SOLD' && (
          <Amount name="proceeds" label={t('shelf.proceeds', { currency })} currency={currency} />
        )}
        <Line name="note" label={t('shelf.goneNote')} />
      </Form>
    </details>
  )
}

function Moves({ stock: s }: { stock: Stock }) {
  const { t } = useTranslation()
  const format = useFormat()
  const amount = useAmounts()
  const { data: moves } = useQuery(movesQuery(s.id))
  if (!moves) return null
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('shelf.history')}</summary>
      <ul>
        {moves.map((m) => (
          <li key={m.id}>
            {t(`shelf.move.${m.kind}`, {
              n: `${m.pieces < 0 ? '−' : '+'}${amount({ quantity: Math.abs(m.pieces), unit: s.unit })}`,
              date: format.shortDay(m.movedOn),
            })}
            {m.note && `: ${m.note}`}
          </li>
        ))}
      </ul>
    </details>
  )
}
