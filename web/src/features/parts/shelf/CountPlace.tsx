import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { useAmounts } from '@/ui/format/amounts'

type Stock = Schemas['StockResponse']

/** All that lies in one place, counted: only what differs is changed. */
export function CountPlace({ things, onDone }: { things: Stock[]; onDone: () => void }) {
  const { t } = useTranslation()
  const amount = useAmounts()
  const [found, setFound] = useState<Record<string, string>>({})
  const [ids] = useState(() => Object.fromEntries(things.map((s) => [s.id, crypto.randomUUID()])))
  const changed = things.filter((s) => /^\d+$/.test(found[s.id] ?? '') && Number(found[s.id]) !== s.quantity)
  const count = useWrite(
    async (of: Stock[], writeId) => {
      for (const [i, s] of of.entries())
        await unwrap(
          api.POST('/api/stock/{id}/count', {
            params: { path: { id: s.id } },
            body: { id: ids[s.id]!, found: Number(found[s.id]), version: s.version },
            ...write(i === 0 ? writeId : crypto.randomUUID()),
          }),
        )
    },
    { said: () => t('shelf.countSaved'), done: onDone, undoable: false },
  )
  return (
    <div className="card-sheet mt-2 grid gap-2 p-3">
      {things.map((s) => (
        <TextField
          key={s.id}
          label={s.title}
          hint={amount(s)}
          inputMode="numeric"
          value={found[s.id] ?? ''}
          onChange={(e) => setFound({ ...found, [s.id]: e.target.value })}
        />
      ))}
      <ProblemAlert error={count.error} />
      <div>
        <button
          type="button"
          className="btn"
          disabled={count.isPending}
          onClick={() => (changed.length > 0 ? count.mutate(changed) : onDone())}
        >
          {t('shelf.countSave')}
        </button>
      </div>
    </div>
  )
}
