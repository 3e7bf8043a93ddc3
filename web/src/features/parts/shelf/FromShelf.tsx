import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { useAmounts } from '@/ui/format/amounts'
import { MatchTicks } from '../delivery/MatchTicks'
import { fitsQuery } from './queries'

/** What lies in the garage already for a part that is needed. */
export function FromShelf({ need: n }: { need: Schemas['Need'] }) {
  const { t } = useTranslation()
  const amount = useAmounts()
  const [moveId, setMoveId] = useState(() => crypto.randomUUID())
  const [seen, setSeen] = useState<string[]>([])
  const { data: fits } = useQuery(fitsQuery(n.projectId))
  const take = useWrite(
    (body: Schemas['FromStockRequest'], id) =>
      unwrap(api.POST('/api/needs/{id}/from-stock', { params: { path: { id: n.id } }, body, ...write(id) })),
    { said: () => t('shelf.taken'), done: () => setMoveId(crypto.randomUUID()) },
  )
  const mine = fits?.filter((f) => f.needId === n.id) ?? []
  if (mine.length === 0) return null
  return (
    <section>
      <h3 className="font-semibold">{t('shelf.fits')}</h3>
      <MatchTicks need={n} seen={seen} onSeen={setSeen} />
      <ul>
        {mine.map((f) => (
          <li key={f.stockId} className="flex flex-wrap items-center gap-3 border-b border-base-300 py-2 last:border-0">
            <span className="grow">
              {t('shelf.fit', {
                amount: amount({ quantity: f.quantity, unit: n.unit }),
                place: f.placeCode,
                condition: t(`condition.${f.condition}`),
              })}
            </span>
            <button
              type="button"
              className="btn btn-sm"
              disabled={take.isPending}
              onClick={() => take.mutate({ moveId, stockId: f.stockId, matched: seen, version: n.version })}
            >
              {t('shelf.take')}
            </button>
          </li>
        ))}
      </ul>
      <ProblemAlert error={take.error} />
    </section>
  )
}
