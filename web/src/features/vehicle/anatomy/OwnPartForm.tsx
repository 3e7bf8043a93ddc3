import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { systems } from '@/api/generated/enums'
import { drawingQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Pick, Tick } from '@/ui/form/named'
import { filled, line } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { placeOf } from '@/ui/format/names/things'
import { usePlaceNames } from '@/ui/format/names/zones'

type Own = Schemas['OwnComponentsResponse']

/** What a person says of one part: another name, not there, not original; or a part that nobody knew. */
export function OwnPartForm({
  projectId,
  component,
  part,
  own,
  onClose,
}: {
  projectId: string
  /** Empty for a new one. */
  component: string | undefined
  part: Schemas['ComponentResponse'] | undefined
  own: Own
  onClose: () => void
}) {
  const { t } = useTranslation()
  const said = own.said.find((o) => o.component === component)
  const added = component === undefined || said?.place !== undefined
  const [id] = useState(() => said?.id ?? crypto.randomUUID())
  const usual = (component && own.usual[component]) ?? part?.name ?? ''
  const places = usePlaces(projectId)
  const placeName = usePlaceNames(projectId)
  const form = useFields(
    z.object({
      name: added ? line(t('form.missing')) : z.string().max(120),
      absent: z.boolean(),
      notOriginal: z.string().max(120),
      place: z.string(),
      system: z.enum(systems),
      nature: z.string(),
    }),
    {
      name: said?.name ?? '',
      absent: said?.absent ?? false,
      notOriginal: said?.notOriginal ?? '',
      place: said?.place ?? places[0] ?? '',
      system: said?.system ?? 'BODY',
      nature: said?.nature ?? 'mechanism',
    },
  )
  const save = useWrite(
    (body: Schemas['OwnComponentRequest'], writeId) =>
      unwrap(
        api.PUT('/api/projects/{projectId}/own-components', {
          params: { path: { projectId } },
          body,
          ...write(writeId),
        }),
      ),
    { said: () => t('anatomy.form.saved'), done: onClose },
  )
  const remove = useWrite(
    (body: { id: string }, writeId) =>
      unwrap(api.DELETE('/api/own-components/{id}', { params: { path: body }, ...write(writeId) })),
    { said: () => t('anatomy.form.saved'), done: onClose },
  )
  return (
    <Sheet title={part?.name ?? (usual || t('anatomy.add'))} onClose={onClose}>
      <Form
        form={form}
        save={{ isPending: save.isPending, error: save.error ?? remove.error }}
        label={t('save')}
        onSubmit={({ place, system, nature, ...v }) =>
          save.mutate({
            id,
            version: said?.version ?? 0,
            component: component ?? `own-${id}`,
            absent: v.absent,
            ...filled({ name: v.name, notOriginal: v.notOriginal }),
            ...(added && { place, system, nature }),
          })
        }
      >
        <Line
          name="name"
          label={t('anatomy.form.name')}
          {...(!added && { hint: t('anatomy.form.nameHint', { name: usual }) })}
        />
        {added && (
          <>
            <Pick name="place" label={t('anatomy.form.place')} of={places} say={placeName} />
            <Pick name="system" label={t('anatomy.form.system')} of={systems} say={(s) => t(`system.${s}`)} />
            <Pick
              name="nature"
              label={t('anatomy.form.nature')}
              hint={t('anatomy.form.natureHint')}
              of={own.natures}
              say={(n) => t(`nature.${n as 'seal'}`)}
            />
          </>
        )}
        <Line name="notOriginal" label={t('anatomy.form.notOriginal')} hint={t('anatomy.form.notOriginalHint')} />
        {component && <Tick name="absent" label={t('anatomy.form.absent')} />}
      </Form>
      {said && (
        <button
          type="button"
          className="btn mt-3"
          disabled={remove.isPending}
          onClick={() => remove.mutate({ id: said.id })}
        >
          {t(added ? 'anatomy.form.remove' : 'anatomy.form.reset')}
        </button>
      )}
    </Sheet>
  )
}

/** The places of the vehicle, either side once. */
function usePlaces(projectId: string) {
  const { data } = useQuery(drawingQuery(projectId))
  return [...new Set((data?.zones ?? []).map((z) => placeOf(z.id)))]
}
