import type { Schemas } from '@/api/client'

export type Columns = Schemas['ColumnsOfList']
export type Meaning = keyof Columns

export const meanings = ['title', 'price', 'number', 'pieces', 'leadDays', 'stock', 'replaced'] as const

/** What stands in each column of a list; undefined where nothing of use does. */
export const meaningsOf = (columns: Columns | undefined, width: number): (Meaning | undefined)[] =>
  Array.from({ length: width }, (_, i) => meanings.find((m) => columns?.[m] === i))

/** A meaning stands in one column: given to another, the first has none. */
export const withMeaning = (now: (Meaning | undefined)[], column: number, meaning: Meaning | undefined) =>
  now.map((m, i) => (i === column ? meaning : m === meaning ? undefined : m))

/** Undefined while nobody has said where name and price stand. */
export function columnsOf(chosen: (Meaning | undefined)[]): Columns | undefined {
  const at = Object.fromEntries(chosen.flatMap((m, i) => (m ? [[m, i]] : []))) as Partial<Columns>
  return at.title === undefined || at.price === undefined ? undefined : (at as Columns)
}
