import { useState } from 'react'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount, Line } from '@/ui/form/named'
import { line, useAmountRule } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'

/** Sold: the price is booked and the project ends. */
export function SoldForm({
  projectId,
  currency,
  onClose,
}: {
  projectId: string
  currency: string
  onClose: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const amount = useAmountRule()
  const [entryId] = useState(() => crypto.randomUUID())
  const form = useFields(z.object({ priceMinor: amount(currency), soldOn: line(t('form.missing')) }), {
    priceMinor: '',
    soldOn: format.today(),
  })
  const book = useWrite(
    (body: Schemas['SaleRequest'], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/keeping/sale', { params: { path: { projectId } }, body, ...write(id) }),
      ),
    { said: () => t('keep.isSold'), undoable: false, done: onClose },
  )
  return (
    <Sheet title={t('keep.sold')} onClose={onClose}>
      <Form form={form} save={book} label={t('keep.book')} onSubmit={(v) => book.mutate({ ...v, entryId })}>
        <p className="quiet text-sm">{t('keep.soldHint')}</p>
        <Amount name="priceMinor" label={t('keep.soldFor', { currency })} currency={currency} />
        <Line name="soldOn" label={t('keep.soldOn')} type="date" />
      </Form>
    </Sheet>
  )
}
