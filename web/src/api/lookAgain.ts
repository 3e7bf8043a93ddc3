import type { Query, QueryClient } from '@tanstack/react-query'

/** A change of the garage may move any figure that is on the page (its plan, its road list, its sums); what the program itself knows stays. */
const mayHaveChanged = (query: Query) => (query.options as { staleTime?: unknown }).staleTime !== Infinity

/**
 * Whatever changes the garage asks for everything again by this. A first answer that is still on its way was asked for before the change: once it is
 * here it is asked for again.
 */
export const lookAgain = (queries: QueryClient): Promise<void> => {
  const early = queries.getQueryCache().findAll({
    predicate: (query) =>
      mayHaveChanged(query) && query.state.data === undefined && query.state.fetchStatus === 'fetching',
  })
  for (const query of early)
    void query.promise
      ?.catch(() => undefined)
      .then(() => queries.invalidateQueries({ queryKey: query.queryKey, exact: true }))
  return queries.invalidateQueries({ predicate: mayHaveChanged })
}
