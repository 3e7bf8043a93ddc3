import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Measured, useMeasureRule } from '@/ui/form/measured'
import { Amount, Decimal, Line, Tick, Whole } from '@/ui/form/named'
import { filled, line, number, orNothing, useAmountRule, whole } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFreshId } from '@/ui/form/draft/useFreshId'
import { useFormat } from '@/ui/format/format'

const empty = { carrier: '', priceMinor: '', km: '', hours: '', days: '', refused: '', seen: true }

/** What somebody would do it for, or why he would not. */
export function OfferForm({ projectId, sentOutId }: { projectId: string; sentOutId: string }) {
  const { t } = useTranslation()
  const { currency } = useFormat()
  const amount = useAmountRule()
  const [fresh, renew] = useFreshId()
  const count = orNothing(whole(t('form.whole'), { min: 0, max: 99_999 }))
  const form = useFields(
    z
      .object({
        carrier: line(t('form.missing')),
        priceMinor: orNothing(amount(currency)),
        km: orNothing(useMeasureRule('KILOMETRE')(t('form.number'), { min: 0, max: 99_999 }).transform(Math.round)),
        hours: orNothing(number(t('form.number'), { min: 0 })),
        days: count,
        refused: z.string().max(120),
        seen: z.boolean(),
      })
      .transform(({ hours, ...v }) => ({ ...v, minutes: Math.round((hours ?? 0) * 60) })),
    empty,
  )
  const add = useWrite(
    (body: Schemas['NewOfferRequest'], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/sent-out/{id}/offers', {
          params: { path: { projectId, id: sentOutId } },
          body,
          ...write(id),
        }),
      ),
    {
      said: () => t('away.offerKept'),
      done: () => {
        renew()
        form.reset(empty)
      },
    },
  )
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('away.addOffer')}</summary>
      <Form
        form={form}
        save={add}
        label={t('away.keepOffer')}
        onSubmit={(v) => add.mutate({ id: fresh, priceMinor: 0, km: 0, days: 0, ...filled(v), refused: v.refused })}
      >
        <div className="grid grid-cols-2 gap-2">
          <Line name="carrier" label={t('away.carrier')} />
          <Amount name="priceMinor" label={t('away.price')} currency={currency} />
          <Measured unit="KILOMETRE" name="km" label={t('away.km')} />
          <Decimal name="hours" label={t('away.hours')} />
          <Whole name="days" label={t('away.itsDays')} />
          <Line name="refused" label={t('away.refusedWhy')} />
        </div>
        <Tick name="seen" label={t('away.seen')} />
      </Form>
    </details>
  )
}
