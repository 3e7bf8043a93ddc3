import { useForm, type DefaultValues, type UseFormReturn } from 'react-hook-form'
import { zodResolver } from '@hookform/resolvers/zod'
import type { z } from 'zod'

/** The fields of a form: what may stand in them, and what stands there at first. What is wrong is said when a field is left. */
export function useFields<R extends z.ZodType<Record<string, unknown>, Record<string, unknown>>>(
  rules: R,
  first: z.input<R>,
): UseFormReturn<z.input<R>, unknown, z.output<R>> {
  return useForm<z.input<R>, unknown, z.output<R>>({
    resolver: zodResolver(rules) as never,
    defaultValues: first as DefaultValues<z.input<R>>,
    mode: 'onTouched',
  })
}
