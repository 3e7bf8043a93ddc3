import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { useFreshId } from '@/ui/form/draft/useFreshId'
import { Form } from '@/ui/form/Form'
import { Amount, Line } from '@/ui/form/named'
import { line, useAmountRule } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'

/** A tool that this car paid for stays in the workshop for all cars: none bears it any more. */
export function ToWorkshopForm({
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
    z.object({ description: line(t('form.missing')), minor: amount(currency), movedOn: line(t('form.missing')) }),
    { description: '', minor: '', movedOn: format.today() },
  )
  const keep = useWrite(
    (body: Schemas['ToolToWorkshopRequest'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/workshop-tools', {
          params: { path: { projectId } },
          body,
          ...write(writeId),
        }),
      ),
    { said: ({ description }) => t('workshopTools.isKept', { what: description }), undoable: false, done: onClose },
  )
  return (
    <Sheet title={t('workshopTools.keep')} onClose={onClose}>
      <Form form={form} save={keep} label={t('workshopTools.save')} onSubmit={(said) => keep.mutate({ id, ...said })}>
        <p className="quiet text-sm">{t('workshopTools.hint')}</p>
        <Line name="description" label={t('workshopTools.what')} />
        <Amount name="minor" label={t('workshopTools.cost', { currency })} currency={currency} />
        <Line name="movedOn" label={t('workshopTools.movedOn')} type="date" />
      </Form>
    </Sheet>
  )
}
