import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type ShortLook = Schemas['ShortLookResponse']
export type Card = Schemas['CardResponse']
export type Fault = Card['faults'][number]
export type Kind = ShortLook['kind']
export type Seen = NonNullable<Card['seen']>

export const shortLookQuery = (projectId: string, kind: Kind | undefined) =>
  queryOptions({
    queryKey: ['short-look', projectId, kind ?? 'usual'],
    queryFn: () =>
      unwrap(
        api.GET('/api/projects/{projectId}/short-look', {
          params: { path: { projectId }, query: kind ? { kind } : {} },
        }),
      ),
  })

/** What a buyer set out to do; kept on this device. @param startedAt in milliseconds; absent before the start */
export type Started = { startedAt?: number; tenOnly?: boolean; kind?: Kind }
export const notStarted: Started = {}

/** The cards of this look: all, or the ten for whom ten minutes are given. */
export const cardsOf = (look: ShortLook, started: Started): Card[] =>
  started.tenOnly ? look.cards.filter((c) => c.asks.inTen) : look.cards

/** The next card without an answer after the given one, then from the beginning; -1 when all are answered. */
export function nextOpen(cards: Card[], after: number): number {
  const later = cards.findIndex((c, i) => i > after && !c.seen)
  return later >= 0 ? later : cards.findIndex((c) => !c.seen)
}

/** Cards whose fault stops the look as it was meant. */
export const stopped = (cards: Card[]): Card[] => cards.filter((c) => c.stop && c.seen === 'BAD')

/** Open cards that need current or a running engine. */
export const needRunning = (cards: Card[]): Card[] => cards.filter((c) => c.asks.running && !c.seen)
