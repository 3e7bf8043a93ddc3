import { groupBy } from '@/ui/format/groupBy'
import type { Schemas } from '@/api/client'

type Need = Schemas['Need']

/** What is bought together: one line, and what each job takes of it. */
export type NeedLine = { key: string; needs: Need[]; total: Pick<Need, 'quantity' | 'unit'> }

/** Same things of the same side are one line, in the order in which the first of each stands; what nobody knows is like nothing else. */
export function linesOf(needs: Need[]): NeedLine[] {
  const same = (n: Need) => (n.item ? `${n.item} ${n.side} ${n.unit} ${n.grade ?? ''}` : n.id)
  return [...groupBy(needs, same)].map(([key, together]) => ({
    key,
    needs: together,
    total: { quantity: together.reduce((sum, n) => sum + n.quantity, 0), unit: together[0]!.unit },
  }))
}
