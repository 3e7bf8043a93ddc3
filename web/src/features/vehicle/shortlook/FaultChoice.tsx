import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { Form } from '@/ui/form/Form'
import { Pick, Radios } from '@/ui/form/named'
import { useFields } from '@/ui/form/useFields'
import type { Card } from './shortLook'

/** Which of the few things that may be wrong here it is, and where. */
export function FaultChoice({
  card,
  nameOf,
  pending,
  onBack,
  onChoose,
}: {
  card: Card
  nameOf: (place: string) => string
  pending: boolean
  onBack: () => void
  onChoose: (fault: { checkId: string; place: string }) => void
}) {
  const { t } = useTranslation()
  const form = useFields(z.object({ checkId: z.string(), place: z.string() }), {
    checkId: card.faults[0]!.checkId,
    place: card.faults[0]!.places[0]!,
  })
  const checkId = useWatch({ control: form.control, name: 'checkId' })
  const faultOf = (id: string) => card.faults.find((f) => f.checkId === id)!
  const places = faultOf(checkId).places
  return (
    <Form
      form={form}
      save={{ isPending: pending, error: null }}
      label={t('short.record')}
      className="border-t border-base-300 pt-3"
      onCancel={onBack}
      onSubmit={onChoose}
    >
      <Radios
        name="checkId"
        label={t('short.which')}
        of={card.faults.map((f) => f.checkId)}
        say={(id) => faultOf(id).means}
        onChosen={(id) => form.setValue('place', faultOf(id).places[0]!)}
      />
      {places.length > 1 && <Pick name="place" label={t('short.whereAt')} of={places} say={nameOf} />}
    </Form>
  )
}
