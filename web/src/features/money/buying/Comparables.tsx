import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Trash2 } from 'lucide-react'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { AmountField, amountOf } from '@/ui/form/AmountField'
import { useFormat } from '@/ui/format/format'
import type { Buying } from './buying'

/** What like cars fetch: paid or only asked, and which of them lies too far off. */
export function Comparables({ projectId, buying }: { projectId: string; buying: Buying }) {
  const { t } = useTranslation()
  const format = useFormat()
  const drop = useWrite(
    (id: string, writeId) =>
      unwrap(
        api.DELETE('/api/projects/{projectId}/buying/comparables/{id}', {
          params: { path: { projectId, id } },
          ...write(writeId),
        }),
      ),
    { said: () => t('bid.dropped') },
  )
  return (
    <>
      <ul className="mb-3">
        {buying.comparables.map(({ row, leftOut }) => (
          <li key={row.id} className="flex items-center gap-3 border-b border-base-300 py-1">
            <span className="grow">
              {row.title}
              <span className="quiet block text-sm">
                {t(row.sold ? 'bid.sold' : 'bid.onlyAsked')}, {format.day(row.seenOn)}
                {leftOut && ` · ${t('bid.leftOut')}`}
              </span>
            </span>
            <span className={`tabular-nums ${leftOut ? 'line-through' : ''}`}>
              {format.money(row.minor, format.currency)}
            </span>
            <button
              type="button"
              className="btn btn-square btn-ghost"
              aria-label={t('bid.drop', { what: row.title })}
              disabled={drop.isPending}
              onClick={() => drop.mutate(row.id)}
            >
              <Trash2 className="size-5" aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <ProblemAlert error={drop.error} />
      <AddComparable projectId={projectId} />
    </>
  )
}

function AddComparable({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [title, setTitle] = useState('')
  const [price, setPrice] = useState('')
  const [sold, setSold] = useState(false)
  const minor = amountOf(price, format.currency)
  const save = useWrite(
    (body: Schemas['ComparableRow'], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/buying/comparables', {
          params: { path: { projectId } },
          body,
          ...write(id),
        }),
      ),
    {
      said: () => t('bid.added'),
      done: () => {
        setTitle('')
        setPrice('')
      },
    },
  )
  return (
    <form
      className="grid gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        if (minor !== undefined) save.mutate({ id: crypto.randomUUID(), title, minor, sold, seenOn: format.today() })
      }}
    >
      <div className="grid grid-cols-[2fr_1fr] gap-2">
        <TextField
          label={t('bid.comparable')}
          value={title}
          maxLength={120}
          onChange={(e) => setTitle(e.target.value)}
        />
        <AmountField
          label={t('bid.price', { currency: format.currency })}
          value={price}
          currency={format.currency}
          onChange={setPrice}
        />
      </div>
      <label className="flex min-h-11 items-center gap-2">
        <input type="checkbox" className="checkbox" checked={sold} onChange={(e) => setSold(e.target.checked)} />
        {t('bid.sold')}
      </label>
      <ProblemAlert error={save.error} />
      <div>
        <button type="submit" className="btn" disabled={save.isPending}>
          {t('bid.addComparable')}
        </button>
      </div>
    </form>
  )
}
