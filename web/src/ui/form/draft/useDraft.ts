import { useEffect, useState } from 'react'
import type { FieldValues, UseFormReturn } from 'react-hook-form'

/** State of a form that survives a closed tab, until it is saved. Kept on this device only. */
export function useDraft<T>(key: string, initial: T): [T, (value: T) => void, () => void] {
  const name = `ofisino.draft.${key}`
  const [value, setValue] = useState<T>(() => {
    const kept = localStorage.getItem(name)
    return kept ? { ...initial, ...(JSON.parse(kept) as T) } : initial
  })
  useEffect(() => {
    if (JSON.stringify(value) === JSON.stringify(initial)) localStorage.removeItem(name)
    else localStorage.setItem(name, JSON.stringify(value))
  }, [name, value, initial])
  return [
    value,
    setValue,
    () => {
      localStorage.removeItem(name)
      setValue(initial)
    },
  ]
}

/** Keeps what is typed into a form as the draft of it. */
export function useKeptTyping<T extends FieldValues, Out>(
  form: UseFormReturn<T, unknown, Out>,
  keep: (typed: T) => void,
) {
  useEffect(() => {
    const { unsubscribe } = form.watch((typed) => keep(structuredClone(typed) as T))
    return unsubscribe
  }, [form, keep])
}
