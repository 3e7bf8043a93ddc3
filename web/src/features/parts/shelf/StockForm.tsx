import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { conditions, fates, sides, stockOrigins } from '@/api/generated/enums'
import { needsQuery, placesQuery } from '@/api/queries'
import { useRole } from '@/api/useRole'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount, Line, Note, Pick, Whole } from '@/ui/form/named'
import { filled, line, orNothing, useAmountRule, whole } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'
import { minorText } from '@/ui/format/money'

type Stock = Schemas['StockResponse']

function useStockRules(currency: string) {
  const { t } = useTranslation()
  const amount = useAmountRule()(currency)
  return z.object({
    title: line(t('shelf.thingMissing')),
    quantity: whole(t('shelf.quantityWrong'), { min: 1, max: 99_999 }),
    side: z.enum(sides),
    placeId: z.string().min(1, t('shelf.placeMissing')),
    condition: z.enum(conditions),
    origin: z.enum(stockOrigins),
    fate: z.enum(fates),
    note: z.string().max(4000),
    replacedBy: z.string(),
    lowMark: orNothing(whole(t('shelf.lowMarkWrong'), { min: 0, max: 99_999 })),
    worth: orNothing(amount),
    asking: orNothing(amount),
    buyer: z.string().max(120),
  })
}

const valuesOf = (s: Stock | undefined, currency: string) => ({
  title: s?.title ?? '',
  quantity: String(s?.quantity ?? 1),
  side: s?.side ?? ('NONE' as const),
  placeId: s?.placeId ?? '',
  condition: s?.condition ?? ('UNKNOWN' as const),
  origin: s?.origin ?? ('STRIPPED' as const),
  fate: s?.fate ?? ('UNDECIDED' as const),
  note: s?.note ?? '',
  replacedBy: s?.replacedBy ?? '',
  lowMark: s?.lowMark === undefined ? '' : String(s.lowMark),
  worth: s?.worthMinor ? minorText(s.worthMinor, currency) : '',
  asking: s?.askingMinor ? minorText(s.askingMinor, currency) : '',
  buyer: s?.buyer ?? '',
})

/** Something that lies in the garage: what, where, how good, and what becomes of it. */
export function StockForm({ projectId, stock, onClose }: { projectId: string; stock?: Stock; onClose: () => void }) {
  const { t } = useTranslation()
  const { currency } = useFormat()
  const { owns } = useRole()
  const [id] = useState(() => stock?.id ?? crypto.randomUUID())
  const [moveId] = useState(() => crypto.randomUUID())
  const { data: places } = useQuery(placesQuery)
  const { data: needs } = useQuery(needsQuery(projectId))
  const form = useFields(useStockRules(currency), valuesOf(stock, currency))
  const save = useWrite(
    ({ quantity, fields }: { quantity: number; fields: Schemas['StockFields'] }, writeId) =>
      stock
        ? unwrap(
            api.PUT('/api/stock/{id}', {
              params: { path: { id } },
              body: { fields, version: stock.version },
              ...write(writeId),
            }),
          )
        : unwrap(api.POST('/api/stock', { body: { id, moveId, quantity, fields }, ...write(writeId) })),
    {
      said: ({ fields }) => t(stock ? 'shelf.saved' : 'shelf.put', { title: fields.title }),
      done: onClose,
    },
  )
  return (
    <Sheet title={stock ? t('shelf.edit') : t('shelf.add')} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('save')}
        onSubmit={({ quantity, worth, asking, ...said }) =>
          save.mutate({
            quantity,
            fields: {
              ...filled(said),
              projectId: stock?.projectId ?? projectId,
              ...(worth !== undefined && { worthMinor: worth }),
              ...(asking !== undefined && { askingMinor: asking }),
            },
          })
        }
        further={
          <div className="grid gap-3">
            <Note name="note" label={t('shelf.note')} rows={2} />
            <Pick name="fate" label={t('shelf.fate')} of={fates} say={(f) => t(`fate.${f}`)} />
            <Pick
              name="replacedBy"
              label={t('shelf.replacedBy')}
              none={t('shelf.nothingReplaces')}
              of={needs?.map((n) => n.id) ?? []}
              say={(n) => needs!.find((need) => need.id === n)!.title}
            />
            <Whole name="lowMark" label={t('shelf.lowMark')} hint={t('shelf.lowMarkHint')} />
            {owns && (
              <>
                <Amount name="worth" label={t('shelf.worth', { currency })} currency={currency} />
                <Amount name="asking" label={t('shelf.askingPrice', { currency })} currency={currency} />
              </>
            )}
            <Line name="buyer" label={t('shelf.buyer')} />
          </div>
        }
      >
        <Line name="title" label={t('shelf.thing')} />
        <div className="grid grid-cols-2 gap-3">
          {!stock && <Whole name="quantity" label={t('shelf.quantity')} />}
          <Pick name="side" label={t('shelf.side')} of={sides} say={(s) => t(`side.${s}`)} />
        </div>
        <Pick
          name="placeId"
          label={t('shelf.place')}
          none={t('parts.choosePlace')}
          of={places?.map((p) => p.id) ?? []}
          say={(p) => {
            const place = places!.find((one) => one.id === p)!
            return `${place.code} ${place.name}`
          }}
        />
        <Pick name="condition" label={t('shelf.condition')} of={conditions} say={(c) => t(`condition.${c}`)} />
        <Pick name="origin" label={t('shelf.origin')} of={stockOrigins} say={(o) => t(`stockOrigin.${o}`)} />
      </Form>
    </Sheet>
  )
}
