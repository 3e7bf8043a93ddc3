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
    (body: Schemas['CountsRequest'], id) => unwrap(api.POST('/api/shelf/counts', { body, ...write(id) })),
    { said: () => t('shelf.countSaved'), done: onDone },
  )
  const save = () =>
    changed.length === 0
      ? onDone()
      : count.mutate({
          counts: changed.map((s) => ({
            id: ids[s.id]!,
            stockId: s.id,
            found: Number(found[s.id]),
            version: s.version,
          })),
        })
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
        <button type="button" className="btn" disabled={count.isPending} onClick={save}>
          {t('shelf.countSave')}
        </button>
      </div>
    </div>
  )
}
