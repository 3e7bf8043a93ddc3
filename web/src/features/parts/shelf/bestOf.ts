import type { Schemas } from '@/api/client'
import { conditions } from '@/api/generated/enums'
import { groupBy } from '@/ui/format/groupBy'

type Stock = Schemas['StockResponse']

/** Several of one thing: the best of them, as far as somebody has looked, and the others. */
export type Duplicates = { title: string; best: Stock; others: Stock[] }

const rank = (s: Stock) => conditions.indexOf(s.condition)

/**
 * Things of one name and side that lie there more than once and of which nobody has said what becomes of them. Where none is known
 * to be better than the others, none is the best: what is unknown is looked at first.
 */
export function duplicatesOf(things: Stock[]): Duplicates[] {
  return [...groupBy(things, (s) => `${s.title.toLowerCase()}:${s.side}`).values()].flatMap((same) => {
    const open = same.filter((s) => !s.isToCollect)
    const sorted = [...open].sort((a, b) => rank(a) - rank(b))
    const [best, second] = sorted
    const decided = sorted.slice(1).every((s) => s.fate !== 'UNDECIDED')
    if (!best || !second || decided || best.condition === 'UNKNOWN' || rank(best) === rank(second)) return []
    return [{ title: best.title, best, others: sorted.slice(1) }]
  })
}
