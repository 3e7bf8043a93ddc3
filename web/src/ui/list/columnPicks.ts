/** What stands in each column of a list; undefined where nothing of use does. */
export type Picks<M extends string> = (M | undefined)[]

/** @param columns in which column what stands, as the server says it */
export const picksOf = <M extends string>(
  meanings: readonly M[],
  columns: Partial<Record<M, number>> | undefined,
  width: number,
): Picks<M> => Array.from({ length: width }, (_, i) => meanings.find((m) => columns?.[m] === i))

/** A meaning stands in one column: given to another, the first has none. */
export const withMeaning = <M extends string>(now: Picks<M>, column: number, meaning: M | undefined): Picks<M> =>
  now.map((m, i) => (i === column ? meaning : m === meaning ? undefined : m))

/** In which column what stands. */
export const columnsOf = <M extends string>(picks: Picks<M>) =>
  Object.fromEntries(picks.flatMap((m, i) => (m ? [[m, i]] : []))) as Partial<Record<M, number>>
