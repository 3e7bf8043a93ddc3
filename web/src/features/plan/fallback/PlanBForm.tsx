import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount, Line, Whole } from '@/ui/form/named'
import { filled, line, orNothing, useAmountRule, whole } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'
import { minorText } from '@/ui/format/money'

type Fallback = Schemas['Fallback']

/** What is done instead, how many days that takes, and what it costs. */
export function PlanBForm({ jobId, stored }: { jobId: string; stored: Fallback | null }) {
  const { t } = useTranslation()
  const { currency } = useFormat()
  const amount = useAmountRule()
  const form = useFields(
    z.object({
      what: line(t('form.missing')),
      leadDays: whole(t('form.whole'), { min: 0 }),
      costMinor: orNothing(amount(currency)),
    }),
    {
      what: stored?.what ?? '',
      leadDays: String(stored?.leadDays ?? 14),
      costMinor: stored ? minorText(stored.costMinor, currency) : '',
    },
  )
  const save = useWrite(
    (body: Fallback, id) =>
      unwrap(api.PUT('/api/jobs/{jobId}/fallback', { params: { path: { jobId } }, body, ...write(id) })),
    { said: () => t('planB.kept') },
  )
  return (
    <Form form={form} save={save} label={t('save')} aside onSubmit={(v) => save.mutate({ costMinor: 0, ...filled(v) })}>
      <Line name="what" label={t('planB.what')} />
      <div className="grid grid-cols-2 items-start gap-3">
        <Whole name="leadDays" label={t('planB.days')} />
        <Amount name="costMinor" label={t('planB.cost', { currency })} currency={currency} />
      </div>
    </Form>
  )
}
