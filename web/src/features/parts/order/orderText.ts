import type { Schemas } from '@/api/client'

type Order = Schemas['Order']

/** Texts around the lines of an order, in the reader's language. */
export type OrderWords = { order: string; reference: string; on: string; post: string; total: string }

/** Its lines and its post, in minor units of its currency. */
export const totalOf = (o: Order) => o.postMinor + o.lines.reduce((sum, l) => sum + l.amountMinor, 0)

/** An order as one sends it: plain lines, each with how many and what. */
export function orderText(o: Order, words: OrderWords, money: (minor: number, currency: string) => string): string {
  return [
    `${words.order}: ${o.supplier}`,
    ...(o.reference ? [`${words.reference}: ${o.reference}`] : []),
    `${words.on}: ${o.orderedOn}`,
    '',
    ...o.lines.map((l) => `${l.pieces + l.sparePieces} × ${l.title}  ${money(l.amountMinor, o.currency)}`),
    ...(o.postMinor > 0 ? [`${words.post}  ${money(o.postMinor, o.currency)}`] : []),
    '',
    `${words.total}  ${money(totalOf(o), o.currency)}`,
  ].join('\n')
}
