import { z } from 'zod'
import { useMutation } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Problem, type Schemas } from '@/api/client'
import { Form } from '@/ui/form/Form'
import { Amount, Whole } from '@/ui/form/named'
import { filled, orNothing, useAmountRule, whole } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'
import { ProblemAlert } from '@/ui/page/Feedback'
import { useGiveAway } from '../givenaway/useGiveAway'
import { MilestoneMoves } from '../schedule/offers/MilestoneMoves'
import type { Activity } from '../schedule/axis/lanes'

/** A job given to somebody else: what its days and its price do to the dates, before anything is agreed. */
export function SomebodyElse({
  projectId,
  activity,
  onDone,
}: {
  projectId: string
  activity: Activity
  onDone: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const amount = useAmountRule()
  const form = useFields(
    z.object({ days: whole(t('form.whole'), { min: 0 }), costMinor: orNothing(amount(format.currency)) }),
    { days: '7', costMinor: '' },
  )
  const give = useGiveAway(activity.subject.id, onDone)
  const ask = useMutation<Schemas['MoveResponse'], Problem, { days: number; costMinor?: number }>({
    mutationFn: (terms) =>
      unwrap(
        api.POST('/api/projects/{projectId}/plan/preview-sent-out', {
          params: { path: { projectId } },
          body: { job: activity.subject.id, costMinor: 0, ...terms },
          ...write(crypto.randomUUID()),
        }),
      ),
  })
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('dates.somebodyElse')}</summary>
      <Form form={form} save={ask} label={t('dates.ask')} aside onSubmit={(terms) => ask.mutate(filled(terms))}>
        <div className="grid grid-cols-2 items-start gap-3">
          <Whole name="days" label={t('dates.elseDays')} />
          <Amount
            name="costMinor"
            label={t('dates.elseCost', { currency: format.currency })}
            currency={format.currency}
          />
        </div>
      </Form>
      {ask.data && (
        <div className="mt-2 border-l-4 border-accent pl-3" role="status">
          <MilestoneMoves move={ask.data} />
          <ProblemAlert error={give.error} />
          <button
            type="button"
            className="btn mt-2"
            disabled={give.isPending}
            onClick={() => give.mutate({ toWhom: '', costMinor: 0, ...ask.variables, version: 0 })}
          >
            {t('givenAway.give')}
          </button>
        </div>
      )}
    </details>
  )
}
