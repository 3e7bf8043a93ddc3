import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { filled, line, minuteOfDay, orNothing } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useAnother } from '@/ui/form/draft/useAnother'

/** A day off, or one with other times than the week's. */
export function NewDay() {
  const { t } = useTranslation()
  const form = useFields(
    z.object({
      day: line(t('form.missing')),
      until: orNothing(z.string()),
      fromMinute: minuteOfDay,
      toMinute: minuteOfDay,
      note: z.string(),
    }),
    { day: '', until: '', fromMinute: '', toMinute: '', note: '' },
  )
  const { id, another } = useAnother(form)
  const add = useWrite(
    (body: Schemas['DayRequest'], writeId) => unwrap(api.POST('/api/calendar/days', { body, ...write(writeId) })),
    {
      said: () => t('garage.dayKept'),
      done: another,
    },
  )
  return (
    <Form
      form={form}
      save={add}
      label={t('garage.addDay')}
      aside
      inRow
      className="mt-2"
      onSubmit={({ note, ...v }) => add.mutate({ id, note, ...filled(v) })}
    >
      <Line name="day" label={t('garage.onDay')} type="date" />
      <Line name="until" label={t('garage.untilDay')} type="date" />
      <Line name="fromMinute" label={t('garage.dayFrom')} type="time" />
      <Line name="toMinute" label={t('garage.dayTo')} type="time" />
      <Line name="note" label={t('garage.dayNote')} />
    </Form>
  )
}
