import { useQuery } from '@tanstack/react-query'
import { z } from 'zod'
import { placeKinds } from '@/api/generated/enums'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { placesQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Pick } from '@/ui/form/named'
import { filled, line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'

/** A place or a bag; the garage gives it its code. */
export function NewPlace() {
  const { t } = useTranslation()
  const { data: places } = useQuery(placesQuery)
  const form = useFields(z.object({ name: line(t('form.missing')), kind: z.enum(placeKinds), within: z.string() }), {
    name: '',
    kind: 'BAG' as const,
    within: '',
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
      onSubmit={(place) => add.mutate({ id: crypto.randomUUID(), ...filled(place) })}
    >
      <div className="min-w-40 grow">
        <Line name="name" label={t('garage.newPlace')} />
      </div>
      <Pick name="kind" label={t('garage.placeKind')} of={placeKinds} say={(k) => t(`place.${k}`)} />
      <Pick
        name="within"
        label={t('garage.placeWithin')}
        none={t('garage.placeNowhere')}
        of={places?.map((p) => p.id) ?? []}
        say={(id) => places!.find((p) => p.id === id)!.name}
      />
    </Form>
  )
}
