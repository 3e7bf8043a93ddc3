import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useRef } from 'react'
import { Problem } from './client'
import { lookAgain } from './lookAgain'
import { announce } from './notices'

type Options<T, V> = {
  /** What to say when it is done; undo is offered with it. Nothing for a change that shows by itself. */
  said?: (values: V, answer: T) => string | undefined
  done?: (answer: T, values: V) => void
  undoable?: boolean
}

/**
 * A change of the garage. Its id stays the same while the same values are sent again because no answer came,
 * so that nothing is recorded twice; whatever was refused or done gets a new id the next time.
 */
export function useWrite<T, V>(run: (values: V, writeId: string) => Promise<T>, options: Options<T, V> = {}) {
  const queries = useQueryClient()
  const pending = useRef<{ values: string | undefined; id: string } | undefined>(undefined)
  return useMutation<T, Problem, V>({
    retry: (count, problem) => problem.mayPass && count < 2,
    retryDelay: 1500,
    mutationFn: (values) => {
      const key = JSON.stringify(values) as string | undefined
      if (!pending.current || pending.current.values !== key) pending.current = { values: key, id: crypto.randomUUID() }
      return run(values, pending.current.id)
    },
    onSuccess: (answer, values) => {
      const id = pending.current?.id
      pending.current = undefined
      void lookAgain(queries)
      const text = options.said?.(values, answer)
      if (text) announce({ text, undo: options.undoable === false ? undefined : id })
      options.done?.(answer, values)
    },
    onError: (problem) => {
      if (!problem.mayPass) pending.current = undefined
    },
  })
}
