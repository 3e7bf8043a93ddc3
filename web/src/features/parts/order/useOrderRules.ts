import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { numberOf, orNothing, whole } from '@/ui/form/rules'
import { parseMinor, useAmountProblem } from '@/ui/format/money'

/** What may stand in an order, amounts in the supplier's currency; all that is wrong is said at once. */
export function useOrderRules(currencyOf: (supplierId: string) => string, base: string) {
  const { t } = useTranslation()
  const problem = useAmountProblem()
  return z
    .object({
      supplierId: z.string(),
      amounts: z.record(z.string(), z.string()),
      post: z.string(),
      rate: z.string(),
      orderedOn: z.string(),
      expectedOn: z.string(),
      reference: z.string(),
      returnDays: orNothing(whole(t('parcel.returnDaysWrong'), { min: 0, max: 365 })),
      deposit: z.string(),
      depositReturnBy: z.string(),
    })
    .transform(({ amounts, post, rate: typedRate, deposit, depositReturnBy, ...v }, context) => {
      const wrong = (path: string[], message: string) => context.addIssue({ code: 'custom', path, message })
      const currency = currencyOf(v.supplierId)
      if (v.supplierId === '') wrong(['supplierId'], t('parts.supplierMissing'))
      for (const day of ['orderedOn', 'expectedOn'] as const) if (v[day] === '') wrong([day], t('form.missing'))
      const read = (path: string[], typed: string): number => {
        const minor = typed.trim() === '' ? undefined : parseMinor(typed, currency)
        if (minor === undefined) wrong(path, problem(typed, currency) ?? t('moneyWrong'))
        return minor ?? 0
      }
      const rate = currency === base ? 1 : numberOf(typedRate)
      if (!(rate > 0)) wrong(['rate'], t('parts.rateWrong', { currency, base }))
      const left = deposit.trim() !== ''
      if (left && depositReturnBy === '') wrong(['depositReturnBy'], t('money.returnByMissing'))
      return {
        ...v,
        ...(left && { left: { minor: read(['deposit'], deposit), returnBy: depositReturnBy } }),
        currency,
        rate,
        rateOn: v.orderedOn,
        postMinor: post.trim() === '' ? 0 : read(['post'], post),
        lines: Object.entries(amounts).map(([needId, typed]) => ({
          needId,
          amountMinor: read(['amounts', needId], typed),
        })),
      }
    })
}
