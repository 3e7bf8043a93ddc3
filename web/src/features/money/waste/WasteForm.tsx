import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { wasteCauses } from '@/api/generated/enums'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount, Line, Pick } from '@/ui/form/named'
import { useAmountRule } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useAnother } from '@/ui/form/draft/useAnother'
import { useFormat } from '@/ui/format/format'

/** Marks part of a booked entry as spent for nothing. */
export function WasteForm({ entryId, currency }: { entryId: string; currency: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const amount = useAmountRule()
  const form = useFields(z.object({ minor: amount(currency), cause: z.enum(wasteCauses), note: z.string().max(120) }), {
    minor: '',
    cause: 'BROKEN_BY_ME' as const,
    note: '',
  })
  const { id, another } = useAnother(form)
  const mark = useWrite(
    (body: Schemas['WasteFields'], writeId) =>
      unwrap(api.POST('/api/entries/{entryId}/waste', { params: { path: { entryId } }, body, ...write(writeId) })),
    { said: (b) => t('waste.isMarked', { money: format.money(b.minor, currency) }), done: another },
  )
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('waste.mark')}</summary>
      <Form form={form} save={mark} label={t('waste.keep')} aside onSubmit={(v) => mark.mutate({ id, ...v })}>
        <p className="quiet text-sm">{t('waste.hint')}</p>
        <Amount name="minor" label={t('waste.amount', { currency })} currency={currency} />
        <Pick name="cause" label={t('waste.cause')} of={wasteCauses} say={(c) => t(`waste.causes.${c}`)} />
        <Line name="note" label={t('waste.note')} />
      </Form>
    </details>
  )
}
