import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { useFreshId } from '@/ui/form/draft/useFreshId'
import { Form } from '@/ui/form/Form'
import { JobPick } from '@/ui/form/JobPick'
import { Amount, Line } from '@/ui/form/named'
import { line, useAmountRule } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'

/** Something one had already went into the car: no cash, but others would pay for it. */
export function StockForm({
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
  const [id] = useFreshId()
  const form = useFields(
    z.object({
      title: line(t('form.missing')),
      worthMinor: amount(currency),
      usedOn: line(t('form.missing')),
      jobId: z.string(),
    }),
    { title: '', worthMinor: '', usedOn: format.today(), jobId: '' },
  )
  const add = useWrite(
    (body: Schemas['StockUse'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/own-stock', { params: { path: { projectId } }, body, ...write(writeId) }),
      ),
    { said: ({ title }) => t('ownStock.isAdded', { what: title }), done: onClose },
  )
  return (
    <Sheet title={t('ownStock.add')} onClose={onClose}>
      <Form
        form={form}
        save={add}
        label={t('ownStock.save')}
        onSubmit={({ jobId, ...rest }) => add.mutate({ id, ...rest, ...(jobId && { jobId }) })}
      >
        <Line name="title" label={t('ownStock.what')} />
        <Amount name="worthMinor" label={t('ownStock.worth', { currency })} currency={currency} />
        <Line name="usedOn" label={t('ownStock.usedOn')} type="date" />
        <JobPick name="jobId" projectId={projectId} label={t('ownStock.job')} none={t('ownStock.noJob')} />
      </Form>
    </Sheet>
  )
}
