import { z } from 'zod'
import { numberOf } from '@/ui/form/rules'

const MOST_RUNS = 50

/** Figures with a space between them; none where nothing was typed. */
export const figures = (wrong: string) =>
  z
    .string()
    .transform((typed) =>
      typed
        .split(/[\s;]+/)
        .filter(Boolean)
        .map(numberOf),
    )
    .refine((runs) => runs.length <= MOST_RUNS && runs.every(Number.isFinite), wrong)
