import { z } from 'zod'
import { placeKinds } from '@/api/generated/enums'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Pick } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'

/** A place or a bag; the garage gives it its code. */
export function NewPlace() {
  const { t } = useTranslation()
  const form = useFields(z.object({ name: line(t('form.missing')), kind: z.enum(placeKinds) }), {
    name: '',
    kind: 'BAG' as const,
  })
  const add = useWrite(
    (body: Schemas['NewPlaceRequest'], id) => unwrap(api.POST('/api/places', { body, ...write(id) })),
    {
      said: (_, p) => t('parts.placeMade', { code: p.code }),
      done: () => form.resetField('name'),
    },
  )
  return (
    <Form
      form={form}
      save={add}
      label={t('parts.makePlace')}
      aside
      inRow
      onSubmit={(place) => add.mutate({ id: crypto.randomUUID(), ...place })}
    >
      <div className="min-w-40 grow">
        <Line name="name" label={t('garage.newPlace')} />
      </div>
      <Pick name="kind" label={t('garage.placeKind')} of={placeKinds} say={(k) => t(`place.${k}`)} />
    </Form>
  )
}
