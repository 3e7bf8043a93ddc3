import { groupBy } from '@/ui/format/groupBy'
import type { Schemas } from '@/api/client'

type Need = Schemas['Need']

/** What is bought together: one line, and what each job takes of it. */
export type NeedLine = { key: string; needs: Need[]; total: Pick<Need, 'quantity' | 'unit'> }

/** Same things are one line, in the order in which the first of each stands. */
export function linesOf(needs: Need[]): NeedLine[] {
  return [...groupBy(needs, (n) => n.sameAs)].map(([key, together]) => ({
    key,
    needs: together,
    total: { quantity: together.reduce((sum, n) => sum + n.quantity, 0), unit: together[0]!.unit },
  }))
}
