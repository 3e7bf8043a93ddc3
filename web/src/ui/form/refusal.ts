import { createContext, useContext, useLayoutEffect, useRef, useState, type RefObject } from 'react'
import type { FieldValues, Path, UseFormReturn } from 'react-hook-form'
import type { Problem } from '@/api/client'

const Fields = createContext<RefObject<Set<string>> | undefined>(undefined)

/** Round the fields of a form: which of them can say what is wrong with them. */
export const FieldsOf = Fields.Provider

/** A field that shows what is wrong with it tells its form, before that looks for one. */
export function useSaysWhatIsWrong(name: string) {
  const fields = useContext(Fields)
  useLayoutEffect(() => {
    const there = fields?.current
    there?.add(name)
    return () => void there?.delete(name)
  }, [fields, name])
}

/** Puts a refusal beside the field that it names, if there is one that shows it: otherwise the form has to say it. */
export function useRefusal<In extends FieldValues, Out>(
  form: UseFormReturn<In, unknown, Out>,
  problem: Problem | null,
) {
  const fields = useRef(new Set<string>())
  const [said, setSaid] = useState<Problem>()
  useLayoutEffect(() => {
    if (!problem?.field || !fields.current.has(problem.field)) return
    form.setError(problem.field as Path<In>, { type: 'refused', message: problem.message }, { shouldFocus: true })
    setSaid(problem)
  }, [form, problem])
  return { fields, saidAtField: problem !== null && said === problem }
}
