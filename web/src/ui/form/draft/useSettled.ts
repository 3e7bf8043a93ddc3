import { useEffect, useState } from 'react'
import { useIsFetching, useQueryClient } from '@tanstack/react-query'

/** So long nothing more is asked for. */
const QUIET_MS = 50
const LONGEST_MS = 8_000

/**
 * Whether what a new sheet asks for has come, or it takes too long to wait for. What is shown bit by bit moves its buttons away under the
 * finger, so that another one is pressed, or none. What the page asked for before is not waited for, nor what failed once.
 */
export function useSettled(): boolean {
  const queries = useQueryClient()
  const [before] = useState(
    () =>
      new Set(
        queries
          .getQueryCache()
          .getAll()
          .map((query) => query.queryHash),
      ),
  )
  const asking =
    useIsFetching({
      predicate: ({ queryHash, state }) =>
        state.data === undefined && state.fetchFailureCount === 0 && !before.has(queryHash),
    }) > 0
  const [settled, setSettled] = useState(false)
  useEffect(() => {
    if (asking) return
    const quiet = setTimeout(() => setSettled(true), QUIET_MS)
    return () => clearTimeout(quiet)
  }, [asking])
  useEffect(() => {
    const longest = setTimeout(() => setSettled(true), LONGEST_MS)
    return () => clearTimeout(longest)
  }, [])
  return settled
}
