import { useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { drawingQuery, findingsQuery } from '@/api/queries'
import { Loaded } from '@/ui/page/Feedback'
import { Page } from '@/ui/page/Page'
import { Face, UnrolledCar, type Body } from '@/ui/drawing/CarDrawing'
import { useDraft } from '@/ui/form/draft/useDraft'
import { useZoneNames } from '@/ui/format/names/zones'
import { marksOf } from '../finding/findingMarks'
import { BeforeYouGo } from './BeforeYouGo'
import { BidNow } from './BidNow'
import { CardList } from './CardList'
import { LookDone } from './LookDone'
import { LookLeft } from './LookLeft'
import { ShortCard } from './ShortCard'
import { cardsOf, nextOpen, notStarted, shortLookQuery, type ShortLook, type Started } from './shortLook'

/** Thirty cards in half an hour, for a buyer in a stranger's yard; after each one what is left and what the bid is now. */
export function ShortLookPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const [started, setStarted, stop] = useDraft<Started>(`short-look.${projectId}`, notStarted)
  const body = useQuery(drawingQuery(projectId))
  const look = useQuery(shortLookQuery(projectId, started.kind))
  return (
    <Loaded query={body} what={t('short.loading')}>
      {(drawing) => (
        <Loaded query={look} what={t('short.loading')}>
          {(found) =>
            started.startedAt === undefined ? (
              <BeforeYouGo look={found} started={started} onStart={setStarted} />
            ) : (
              <Look projectId={projectId} body={drawing} look={found} started={started} onEnd={stop} />
            )
          }
        </Loaded>
      )}
    </Loaded>
  )
}

type Props = { projectId: string; body: Body; look: ShortLook; started: Started; onEnd: () => void }

function Look({ projectId, body, look, started, onEnd }: Props) {
  const { t } = useTranslation()
  const zoneName = useZoneNames(projectId)
  const nameOf = (place: string) => (place === 'papers' || place === 'road' ? t(`check.${place}`) : zoneName(place))
  const [params, setParams] = useSearchParams()
  const findings = useQuery(findingsQuery(projectId))
  const cards = cardsOf(look, started)
  const named = cards.findIndex((c) => c.asks.id === params.get('card'))
  const at = named >= 0 ? named : nextOpen(cards, -1)
  const card = cards[at]
  const go = (index: number) =>
    setParams(cards[index] ? { card: cards[index].asks.id } : {}, { replace: true, flushSync: true })
  const places = new Set(card?.places)
  const drawing = {
    body,
    marks: marksOf(findings.data ?? []),
    nameOf,
    unseen: (zone: string) => (places.has(zone) ? 1 : 0),
    onPress: (zone: string) => go(cards.findIndex((c) => c.places.includes(zone))),
    onPoint: () => {},
    ...(card?.places[0] ? { selected: card.places[0] } : {}),
  }
  const view = body.views.find((v) => v.id === body.zones.find((z) => z.id === card?.places[0])?.view)
  return (
    <Page
      title={t('short.title')}
      answer={<LookLeft cards={cards} startedAt={started.startedAt!} />}
      action={
        <button type="button" className="btn btn-ghost hidden md:inline-flex" onClick={onEnd}>
          {t('short.end')}
        </button>
      }
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[26rem_minmax(0,1fr)]">
        <div className="grid content-start gap-4">
          <BidNow projectId={projectId} cards={cards} />
          {card ? (
            <ShortCard
              key={card.asks.id}
              projectId={projectId}
              kind={look.kind}
              cards={cards}
              at={at}
              nameOf={nameOf}
              onGo={go}
            />
          ) : (
            <LookDone projectId={projectId} cards={cards} nameOf={nameOf} />
          )}
        </div>
        <div>
          <div className="no-print hidden md:block">
            <UnrolledCar {...drawing} />
          </div>
          {view && (
            <div className="no-print md:hidden">
              <Face {...drawing} view={view} />
            </div>
          )}
          <CardList cards={cards} at={at} onGo={go} />
          <button type="button" className="btn mt-4 md:hidden" onClick={onEnd}>
            {t('short.end')}
          </button>
        </div>
      </div>
    </Page>
  )
}
