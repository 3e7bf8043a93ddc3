import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { isCurrency, parseMinor, useAmountProblem } from '../format/money'

/** A number as people type it, with a point or a comma; NaN where it is none. */
export const numberOf = (typed: string) => (typed.trim() === '' ? NaN : Number(typed.trim().replace(',', '.')))

/** A text that must be there. @param missing what is said where it is not */
export const line = (missing: string, max = 120) => z.string().trim().min(1, missing).max(max)

/** The minute of the day of a clock that was typed; nothing for none. */
export const minuteOfDay = z.string().transform((clock) => {
  const [h, m] = clock.split(':').map(Number)
  return clock === '' ? undefined : (h ?? 0) * 60 + (m ?? 0)
})

/** A password, kept to the letter: blanks at its ends belong to it. */
export const secret = (missing: string) => z.string().min(1, missing)

/** @param wrong what is said of anything else */
export const number = (wrong: string, { min = -Infinity, max = Infinity } = {}) =>
  z
    .union([z.string(), z.number()])
    .transform((typed) => (typeof typed === 'number' ? typed : numberOf(typed)))
    .refine((n) => n >= min && n <= max, wrong)

/** @param wrong what is said of anything else */
export const whole = (wrong: string, bounds: { min?: number; max?: number } = {}) =>
  number(wrong, bounds).refine(Number.isInteger, wrong)

/** Left empty, or as `rule` says. */
export const orNothing = <T extends z.ZodType>(rule: T) =>
  z.string().transform((typed, context): z.output<T> | undefined => {
    if (typed.trim() === '') return undefined
    const read = rule.safeParse(typed)
    if (read.success) return read.data
    context.addIssue({ code: 'custom', message: read.error.issues[0]?.message ?? '' })
    return z.NEVER
  })

/** Amounts in minor units of a currency. */
export function useAmountRule() {
  const { t } = useTranslation()
  const problem = useAmountProblem()
  return (currency: string) =>
    z.string().transform((typed, context): number => {
      const minor = isCurrency(currency) ? parseMinor(typed, currency) : undefined
      if (minor !== undefined) return minor
      context.addIssue({ code: 'custom', message: problem(typed, currency) ?? t('moneyWrong') })
      return z.NEVER
    })
}

type Filled<T> = { [K in keyof T as undefined extends T[K] ? never : K]: Exclude<T[K], ''> } & {
  [K in keyof T as undefined extends T[K] ? K : never]?: Exclude<T[K], '' | undefined>
}

/** Without what was left empty: as the server wants it. */
export const filled = <T extends object>(values: T): Filled<T> =>
  Object.fromEntries(Object.entries(values).filter(([, v]) => v !== '' && v !== undefined)) as never
