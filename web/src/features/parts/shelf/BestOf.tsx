import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Part } from '@/ui/page/Page'
import { ProblemAlert } from '@/ui/page/Feedback'
import { duplicatesOf, type Duplicates } from './bestOf'

type Stock = Schemas['StockResponse']
type Fate = Stock['fate']

/** Several of one thing: the best is kept, and what becomes of the rest is decided with one press. */
export function BestOf({ things }: { things: Stock[] }) {
  const { t } = useTranslation()
  const several = duplicatesOf(things)
  if (several.length === 0) return null
  return (
    <Part title={t('shelf.several')}>
      <ul>
        {several.map((d) => (
          <BestRow key={d.best.id} several={d} />
        ))}
      </ul>
    </Part>
  )
}

/** As it stands, with another fate. */
const withFate = (s: Stock, fate: Fate): Schemas['StockFields'] => ({
  title: s.title,
  side: s.side,
  placeId: s.placeId,
  condition: s.condition,
  origin: s.origin,
  note: s.note,
  buyer: s.buyer,
  fate,
  ...(s.projectId && { projectId: s.projectId }),
  ...(s.replacedBy && { replacedBy: s.replacedBy }),
  ...(s.lowMark !== undefined && { lowMark: s.lowMark }),
  ...(s.worthMinor !== undefined && { worthMinor: s.worthMinor }),
  ...(s.askingMinor !== undefined && { askingMinor: s.askingMinor }),
})

function BestRow({ several: { title, best, others } }: { several: Duplicates }) {
  const { t } = useTranslation()
  const decide = useWrite(
    async (fate: Fate, id) => {
      const all = [[best, 'KEEP'] as const, ...others.map((s) => [s, fate] as const)]
      for (const [i, [s, its]] of all.entries())
        await unwrap(
          api.PUT('/api/stock/{id}', {
            params: { path: { id: s.id } },
            body: { fields: withFate(s, its), version: s.version },
            ...write(i === 0 ? id : crypto.randomUUID()),
          }),
        )
    },
    { said: () => t('shelf.decided', { title }), undoable: false },
  )
  return (
    <li className="border-b border-base-300 py-2 last:border-0">
      <p>
        {t('shelf.bestIs', {
          title,
          count: others.length + 1,
          condition: t(`condition.${best.condition}`),
          place: best.placeCode,
        })}
      </p>
      <div className="mt-1 flex flex-wrap gap-2">
        {(['SELL', 'KEEP', 'SCRAP'] as const).map((fate) => (
          <button
            key={fate}
            type="button"
            className="btn btn-sm"
            disabled={decide.isPending}
            onClick={() => decide.mutate(fate)}
          >
            {t(`shelf.rest.${fate}`)}
          </button>
        ))}
      </div>
      <ProblemAlert error={decide.error} />
    </li>
  )
}
