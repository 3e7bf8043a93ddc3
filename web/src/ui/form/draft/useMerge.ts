import { useState } from 'react'
import type { Problem } from '@/api/client'
import { isStale } from '../../page/Feedback'

/**
 * The version that a form builds on, and what somebody else stored meanwhile.
 *
 * @param valuesOf what a stored thing is as values of the form
 * @returns also what to do with a refusal: where another window was faster, its values stand beside one's own
 */
export function useMerge<S extends { version: number }, V>(known: S | undefined, valuesOf: (stored: S) => V) {
  const [version, setVersion] = useState(known?.version ?? 0)
  const [stored, setStored] = useState<V>()
  const onError = (problem: Problem) => {
    if (!isStale(problem)) return
    const now = problem.stored as S
    setStored(valuesOf(now))
    setVersion(now.version)
  }
  return { version, stored, onError }
}
