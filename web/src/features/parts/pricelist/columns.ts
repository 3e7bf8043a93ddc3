import type { Schemas } from '@/api/client'
import { columnsOf, type Picks } from '@/ui/list/columnPicks'

export type Columns = Schemas['ColumnsOfList']
export type Meaning = keyof Columns

export const meanings = ['title', 'price', 'number', 'pieces', 'leadDays', 'stock', 'replaced'] as const

/** Undefined while nobody has said where name and price stand. */
export function priceColumns(picks: Picks<Meaning>): Columns | undefined {
  const at = columnsOf(picks)
  return at.title === undefined || at.price === undefined ? undefined : (at as Columns)
}
