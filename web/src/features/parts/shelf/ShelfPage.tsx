import { useDeferredValue, useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import type { Schemas } from '@/api/client'
import { needsQuery } from '@/api/queries'
import { Empty, Loaded } from '@/ui/page/Feedback'
import { Page } from '@/ui/page/Page'
import { Choice } from '@/ui/form/Field'
import { BestOf } from './BestOf'
import { ByPlace } from './ByPlace'
import { shelfQuery } from './queries'
import { StockForm } from './StockForm'
import { StockSheet } from './StockSheet'

type Stock = Schemas['StockResponse']

const showing = {
  all: () => true,
  sale: (s: Stock) => s.fate === 'SELL' && !s.isToCollect,
  collect: (s: Stock) => s.isToCollect,
  low: (s: Stock) => s.isLow,
  undecided: (s: Stock) => s.fate === 'UNDECIDED',
}
type Show = keyof typeof showing
const shows = Object.keys(showing) as Show[]

/** What lies in the garage, by place; one search finds it. */
export function ShelfPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const [params, setParams] = useSearchParams()
  const [typed, setTyped] = useState('')
  const [show, setShow] = useState<Show>('all')
  const q = useDeferredValue(typed.trim())
  const shelf = useQuery(shelfQuery(q))
  const { data: needs } = useQuery(needsQuery(projectId))
  const words = q.toLowerCase().split(/\s+/)
  const kept = (needs ?? []).filter(
    (n) =>
      n.state === 'ACCEPTED' &&
      words.every((w) => `${n.title} ${n.placeCode ?? ''} ${n.placeName ?? ''}`.toLowerCase().includes(w)),
  )
  const close = () => setParams({})
  const things = shelf.data?.things ?? []
  const open = [...things, ...(shelf.data?.low ?? [])].find((s) => s.id === (params.get('thing') ?? params.get('edit')))
  return (
    <Page
      title={t('shelf.title')}
      answer={shelf.data && <Answer shelf={shelf.data} searched={q !== ''} />}
      action={
        <button type="button" className="btn" onClick={() => setParams({ new: '1' })}>
          <Plus className="size-5" aria-hidden="true" />
          {t('shelf.add')}
        </button>
      }
    >
      <input
        type="search"
        className="input mb-4 w-full max-w-md"
        aria-label={t('shelf.search')}
        placeholder={t('shelf.search')}
        value={typed}
        onChange={(e) => setTyped(e.target.value)}
      />
      <div className="mb-4 max-w-md">
        <Choice label={t('shelf.show')} value={show} onChange={(e) => setShow(e.target.value as Show)}>
          {shows.map((s) => (
            <option key={s} value={s}>
              {t(`shelf.showIs.${s}`)}
            </option>
          ))}
        </Choice>
      </div>
      {shelf.data && <BestOf shelf={shelf.data} />}
      <Loaded query={shelf} what={t('shelf.loading')}>
        {({ things: all, low }) => {
          // what is used up altogether lies nowhere, and is to be bought again
          const found = show === 'low' ? low : all.filter(showing[show])
          const keptHere = show === 'all' ? kept : []
          const isNarrowed = q !== '' || show !== 'all'
          if (found.length + keptHere.length === 0)
            return (
              <Empty title={t(isNarrowed ? 'shelf.none' : 'shelf.empty')}>
                {isNarrowed ? '' : t('shelf.emptyHow')}
              </Empty>
            )
          return (
            <ByPlace projectId={projectId} things={found} kept={keptHere} onOpen={(id) => setParams({ thing: id })} />
          )
        }}
      </Loaded>
      {open && params.has('thing') && (
        <StockSheet stock={open} onEdit={() => setParams({ edit: open.id })} onClose={close} />
      )}
      {open && params.has('edit') && <StockForm projectId={projectId} stock={open} onClose={close} />}
      {params.has('new') && <StockForm projectId={projectId} onClose={close} />}
    </Page>
  )
}

function Answer({ shelf, searched }: { shelf: Schemas['ShelfResponse']; searched: boolean }) {
  const { t } = useTranslation()
  const count = shelf.things.length
  return (
    <>
      {shelf.more ? t('shelf.answerMore', { count }) : t(searched ? 'shelf.answerFound' : 'shelf.answer', { count })}{' '}
      {shelf.low.length > 0 &&
        t(shelf.low.length === 1 ? 'shelf.low' : 'shelf.lowMore', {
          count: shelf.low.length - 1,
          what: shelf.low[0]!.title,
        })}
    </>
  )
}
