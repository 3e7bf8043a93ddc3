import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount, Line, Tick } from '@/ui/form/named'
import { line, useAmountRule } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'

/** A like car, for how much it was sold or is offered. */
export function AddComparable({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const { currency, today } = useFormat()
  const amount = useAmountRule()
  const form = useFields(z.object({ title: line(t('form.missing')), minor: amount(currency), sold: z.boolean() }), {
    title: '',
    minor: '',
    sold: false,
  })
  const save = useWrite(
    (body: Schemas['ComparableRow'], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/buying/comparables', {
          params: { path: { projectId } },
          body,
          ...write(id),
        }),
      ),
    {
      said: () => t('bid.added'),
      done: (_, { sold }) => form.reset({ title: '', minor: '', sold }),
    },
  )
  return (
    <Form
      form={form}
      save={save}
      label={t('bid.addComparable')}
      aside
      onSubmit={(v) => save.mutate({ id: crypto.randomUUID(), ...v, seenOn: today() })}
    >
      <div className="grid grid-cols-[2fr_1fr] gap-2">
        <Line name="title" label={t('bid.comparable')} hint={t('bid.comparableHint')} />
        <Amount name="minor" label={t('bid.price', { currency })} currency={currency} />
      </div>
      <Tick name="sold" label={t('bid.sold')} />
    </Form>
  )
}
