import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { payers } from '@/api/generated/enums'
import { minutesOf } from '@/ui/format/format'
import { minorText, parseMinor, useAmountProblem } from '@/ui/format/money'
import { three } from './estimates'

const threeTyped = z.tuple([z.string(), z.string(), z.string()])
type Typed = z.infer<typeof threeTyped>
type Said = Schemas['EstimateFields']

/** Three figures of hours and of money, each all given and rising, or left to what is proposed; and who owes it. */
export function useEstimateRules(currency: string) {
  const { t } = useTranslation()
  const problem = useAmountProblem()
  const oddAmount = (typed: Typed) => typed.map((m) => m.trim() && problem(m, currency)).find((p) => p)
  return z.object({
    hours: threeTyped.transform((typed, context) => {
      const read = three(typed, minutesOf)
      if (read !== 'wrong') return read
      context.addIssue({ code: 'custom', message: t('estimate.hoursWrong') })
      return z.NEVER
    }),
    money: threeTyped.transform((typed, context) => {
      const read = three(typed, (m) => parseMinor(m, currency))
      if (read !== 'wrong') return read
      context.addIssue({ code: 'custom', message: oddAmount(typed) ?? t('estimate.costWrong') })
      return z.NEVER
    }),
    payer: z.enum(['', ...payers]),
    payerNote: z.string().max(400),
  })
}
type Rules = ReturnType<typeof useEstimateRules>

const typedHours = (minutes: number) => String(Math.round((minutes / 60) * 100) / 100)

export const valuesOf = ({ effort, cost, payer, payerNote }: Partial<Said>, currency: string): z.input<Rules> => ({
  hours: effort
    ? [typedHours(effort.optimisticMinutes), typedHours(effort.likelyMinutes), typedHours(effort.pessimisticMinutes)]
    : ['', '', ''],
  money: cost
    ? [
        minorText(cost.optimisticMinor, currency),
        minorText(cost.likelyMinor, currency),
        minorText(cost.pessimisticMinor, currency),
      ]
    : ['', '', ''],
  payer: payer ?? '',
  payerNote: payerNote ?? '',
})

/** @param rust as it was graded; it stays */
export function fieldsOf({ hours, money, payer, payerNote }: z.output<Rules>, rust: Said['rust']): Said {
  const fields: Said = {}
  if (hours !== 'none')
    fields.effort = { optimisticMinutes: hours[0], likelyMinutes: hours[1], pessimisticMinutes: hours[2] }
  if (money !== 'none') fields.cost = { optimisticMinor: money[0], likelyMinor: money[1], pessimisticMinor: money[2] }
  if (rust) fields.rust = rust
  if (payer) Object.assign(fields, { payer, payerNote })
  return fields
}
