import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Part } from '@/ui/page/Page'
import { ProblemAlert } from '@/ui/page/Feedback'

type Shelf = Schemas['ShelfResponse']
type Stock = Schemas['StockResponse']

/** Several of one thing: the best is kept, and what becomes of the rest is decided with one press. */
export function BestOf({ shelf }: { shelf: Shelf }) {
  const { t } = useTranslation()
  const thing = (id: string) => shelf.things.find((s) => s.id === id)
  const several = shelf.several.flatMap(({ best, others }) => {
    const one = thing(best)
    return one ? [{ best: one, others: others.map(thing).filter((s) => s !== undefined) }] : []
  })
  if (several.length === 0) return null
  return (
    <Part title={t('shelf.several')}>
      <ul>
        {several.map((d) => (
          <BestRow key={d.best.id} {...d} />
        ))}
      </ul>
    </Part>
  )
}

function BestRow({ best, others }: { best: Stock; others: Stock[] }) {
  const { t } = useTranslation()
  const decide = useWrite(
    (body: Schemas['FatesRequest'], id) => unwrap(api.POST('/api/shelf/fates', { body, ...write(id) })),
    { said: () => t('shelf.decided', { title: best.title }) },
  )
  const press = (fate: Stock['fate']) =>
    decide.mutate({
      fates: [best, ...others].map((s) => ({ stockId: s.id, fate: s === best ? 'KEEP' : fate, version: s.version })),
    })
  return (
    <li className="border-b border-base-300 py-2 last:border-0">
      <p>
        {t('shelf.bestIs', {
          title: best.title,
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
            onClick={() => press(fate)}
          >
            {t(`shelf.rest.${fate}`)}
          </button>
        ))}
      </div>
      <ProblemAlert error={decide.error} />
    </li>
  )
}
