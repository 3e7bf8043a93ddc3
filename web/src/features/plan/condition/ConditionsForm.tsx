import { useQuery } from '@tanstack/react-query'
import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { placesQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Decimal, Pick, Tick } from '@/ui/form/named'
import { filled } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useHoursRule } from '@/ui/form/useHoursRule'

const atOnce = ['1', '2', '3', '4'] as const

/** Changes where and how a job is worked. */
export function ConditionsForm({ jobId, stored }: { jobId: string; stored: Schemas['ConditionsResponse'] }) {
  const { t } = useTranslation()
  const { data: places } = useQuery(placesQuery)
  const toWorkIn = new Map(places?.filter((p) => p.toWorkIn).map((p) => [p.id, p.name]))
  const form = useFields(
    z
      .object({
        placeId: z.string(),
        keepsPlace: z.boolean(),
        outdoors: z.boolean(),
        inOneGo: z.boolean(),
        people: z.string().transform(Number),
        dryMinutes: useHoursRule(),
      })
      .transform(({ placeId, ...conditions }) => ({
        placeId,
        conditions: { ...conditions, keepsPlace: conditions.keepsPlace && placeId !== '' },
      })),
    {
      placeId: stored.placeId ?? '',
      keepsPlace: stored.conditions.keepsPlace,
      outdoors: stored.conditions.outdoors,
      inOneGo: stored.conditions.inOneGo,
      people: String(stored.conditions.people),
      dryMinutes: String(stored.conditions.dryMinutes / 60),
    },
  )
  const [placeId, people] = useWatch({ control: form.control, name: ['placeId', 'people'] })
  const save = useWrite(
    (body: Schemas['Where'], id) =>
      unwrap(api.PUT('/api/jobs/{jobId}/conditions', { params: { path: { jobId } }, body, ...write(id) })),
    { said: () => t('conditions.kept') },
  )
  return (
    <Form form={form} save={save} label={t('save')} aside onSubmit={(v) => save.mutate(filled(v))}>
      <Pick
        name="placeId"
        label={t('conditions.place')}
        none={t('conditions.anywhere')}
        of={[...toWorkIn.keys()]}
        say={(id) => toWorkIn.get(id)!}
      />
      <Tick name="keepsPlace" label={t('conditions.keepsPlace')} disabled={placeId === ''} />
      <Tick name="outdoors" label={t('conditions.outdoors')} />
      <Tick name="inOneGo" label={t('conditions.inOneGo')} />
      <div className="grid grid-cols-2 items-start gap-3">
        <Pick
          name="people"
          label={t('conditions.people')}
          of={[...new Set([...atOnce, people])]}
          say={(n) => t('conditions.peopleCount', { count: Number(n) })}
        />
        <Decimal name="dryMinutes" label={t('conditions.dry')} hint={t('conditions.dryHint')} />
      </div>
    </Form>
  )
}
