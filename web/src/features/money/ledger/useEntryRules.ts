import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { typedKinds } from './entryText'
import { numberOf } from '@/ui/form/rules'
import { isCurrency, parseMinor, useAmountProblem } from '@/ui/format/money'
import { splitsOf, type SplitDraft } from './SplitFields'

/** What was read of an amount: nothing where it is none, or could be two. */
export const minorOf = (amount: string, currency: string) =>
  isCurrency(currency) ? parseMinor(amount, currency) : undefined

/** What may stand in an entry; all that is wrong is said at once. @param asksForOrder whether it has to be said to which order it belongs */
export function useEntryRules(base: string, asksForOrder: (kind: string) => boolean) {
  const { t } = useTranslation()
  const problem = useAmountProblem()
  return z
    .object({
      order: z.string(),
      kind: z.enum(typedKinds),
      paidOn: z.string(),
      description: z.string().trim(),
      currency: z.string().trim().toUpperCase(),
      amount: z.string(),
      rate: z.string(),
      returnBy: z.string(),
      splits: z.custom<SplitDraft[] | undefined>(),
    })
    .transform(({ order, kind, paidOn, description, currency, returnBy, ...typed }, context) => {
      const wrong = (field: string, message: string) => context.addIssue({ code: 'custom', path: [field], message })
      const amountMinor = minorOf(typed.amount, currency)
      const rate = currency === base ? 1 : numberOf(typed.rate)
      const splits = typed.splits && splitsOf(typed.splits, base)
      if (description === '') wrong('description', t('form.missing'))
      if (paidOn === '') wrong('paidOn', t('form.missing'))
      if (order === '' && asksForOrder(kind)) wrong('order', t('money.orderMissing'))
      if (amountMinor === undefined || amountMinor <= 0)
        wrong('amount', problem(typed.amount, currency) ?? t('moneyWrong'))
      if (!(rate > 0)) wrong('rate', t('parts.rateWrong', { currency, base }))
      if (typed.splits && !splits)
        wrong('splits', typed.splits.map((s) => problem(s.amount, base)).find((p) => p) ?? t('moneyWrong'))
      if (kind === 'DEPOSIT_PAID' && returnBy === '') wrong('returnBy', t('money.returnByMissing'))
      return {
        order,
        fields: {
          kind,
          paidOn,
          description,
          currency,
          amountMinor: amountMinor ?? 0,
          rate,
          rateOn: paidOn,
          ...(kind === 'DEPOSIT_PAID' && { returnBy }),
          ...(splits && { splits }),
        },
      }
    })
}
