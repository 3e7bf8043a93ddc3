import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { Form } from '@/ui/form/Form'
import { Amount, Line, Whole } from '@/ui/form/named'
import { orNothing, useAmountRule, whole } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { minorText } from '@/ui/format/money'
import { useFormat } from '@/ui/format/format'
import { useGiveAway } from './useGiveAway'

const MOST_DAYS = 730

/** To whom a job is given, for how long, for how much; the day it comes back once it is handed over. */
export function GiveAwayForm({ jobId, given }: { jobId: string; given: Schemas['JobGivenAway'] | undefined }) {
  const { t } = useTranslation()
  const { currency } = useFormat()
  const amount = useAmountRule()
  const form = useFields(
    z.object({
      toWhom: z.string().trim(),
      days: whole(t('givenAway.daysWrong'), { min: 0, max: MOST_DAYS }),
      costMinor: orNothing(amount(currency)),
      backOn: z.string(),
    }),
    {
      toWhom: given?.toWhom ?? '',
      days: String(given?.days ?? 14),
      costMinor: given?.costMinor ? minorText(given.costMinor, currency) : '',
      backOn: given?.backOn ?? '',
    },
  )
  const save = useGiveAway(jobId)
  return (
    <Form
      form={form}
      save={save}
      label={t(given ? 'save' : 'givenAway.give')}
      aside
      onSubmit={({ backOn, costMinor, ...rest }) =>
        save.mutate({ ...rest, costMinor: costMinor ?? 0, version: given?.version ?? 0, ...(backOn && { backOn }) })
      }
    >
      <Line name="toWhom" label={t('givenAway.whom')} />
      <div className="grid grid-cols-2 items-end gap-3">
        <Whole name="days" label={t('givenAway.howLong')} />
        <Amount name="costMinor" label={t('givenAway.price', { currency })} currency={currency} />
      </div>
      <Line name="backOn" label={t('givenAway.back')} type="date" />
      <p className="quiet text-sm">{t('givenAway.hint')}</p>
    </Form>
  )
}
