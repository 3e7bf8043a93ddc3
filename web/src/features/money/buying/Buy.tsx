import { useState } from 'react'
import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { useNavigate } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { purposes } from '@/api/generated/enums'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount, Line, Pick, Tick } from '@/ui/form/named'
import { filled, useAmountRule } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'
import { parseMinor } from '@/ui/format/money'

/** What was paid; above the ceiling with a purpose and its reason. */
export function Buy({ projectId, ceiling, currency }: { projectId: string; ceiling: number; currency: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const navigate = useNavigate()
  const amount = useAmountRule()
  const [entryId] = useState(() => crypto.randomUUID())
  const form = useFields(
    z.object({
      price: amount(currency),
      drafted: z.boolean(),
      purpose: z.enum(['', ...purposes]),
      reason: z.string().max(120),
    }),
    { price: '', drafted: true, purpose: '', reason: '' },
  )
  const over = (parseMinor(useWatch({ control: form.control, name: 'price' }), currency) ?? 0) - ceiling
  const buy = useWrite(
    (body: Schemas['PurchaseRequest'], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/buying/purchase', { params: { path: { projectId } }, body, ...write(id) }),
      ),
    { said: () => t('bid.isMine'), done: () => void navigate(`/p/${projectId}`) },
  )
  return (
    <Form
      form={form}
      save={buy}
      label={t('bid.makeMine')}
      className="card-sheet p-4"
      onSubmit={({ price, drafted, reason, ...v }) =>
        buy.mutate({ priceMinor: price, reason, ...filled(v), ...(drafted && { entryId }) })
      }
    >
      <Amount name="price" label={t('bid.paid', { currency })} currency={currency} />
      <Tick name="drafted" label={t('bid.draft')} />
      {over > 0 && (
        <>
          <p className="font-semibold">{t('bid.aboveCeiling', { over: format.money(over, currency) })}</p>
          <Pick
            name="purpose"
            label={t('bid.purpose')}
            none={t('bid.choose')}
            of={purposes}
            say={(p) => t(`bid.purposes.${p}`)}
          />
          <Line name="reason" label={t('bid.reason')} />
        </>
      )}
    </Form>
  )
}
