import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { events } from '@/api/generated/enums'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Pick } from '@/ui/form/named'
import { useFields } from '@/ui/form/useFields'

/** Something that happened to the vehicle, in so far as it is not told yet. */
export function AddEvent({ projectId, open }: { projectId: string; open: Schemas['EventResponse']['event'][] }) {
  const { t } = useTranslation()
  const form = useFields(z.object({ event: z.enum(events, t('form.missing')), note: z.string() }), {
    event: '' as never,
    note: '',
  })
  const event = useWatch({ control: form.control, name: 'event' })
  const save = useWrite(
    (body: Schemas['NewEventRequest'], id) =>
      unwrap(api.POST('/api/projects/{projectId}/events', { params: { path: { projectId } }, body, ...write(id) })),
    {
      said: (body) => t('event.recorded', { event: t(`event.kind.${body.event}`) }),
      done: () => form.reset(),
    },
  )
  if (open.length === 0) return null
  return (
    <Form
      form={form}
      save={save}
      label={t('event.save')}
      onSubmit={(happened) => save.mutate({ id: crypto.randomUUID(), ...happened })}
    >
      <Pick name="event" label={t('event.add')} none={t('event.choose')} of={open} say={(e) => t(`event.kind.${e}`)} />
      {event && <Line name="note" label={t('event.note')} maxLength={200} />}
    </Form>
  )
}
