import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { JobPick } from '@/ui/form/JobPick'
import { Decimal, Line, Tick } from '@/ui/form/named'
import { filled, line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useAnother } from '@/ui/form/draft/useAnother'
import { useHoursRule } from '@/ui/form/useHoursRule'

/** A time that somebody else fixed. */
export function NewTime({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const there = line(t('form.missing'))
  const form = useFields(
    z.object({
      title: there,
      day: there,
      at: there,
      minutes: useHoursRule(),
      afterJob: z.string(),
      needsRolling: z.boolean(),
    }),
    { title: '', day: '', at: '10:00', minutes: '1', afterJob: '', needsRolling: true },
  )
  const { id, another } = useAnother(form)
  const add = useWrite(
    (body: Schemas['Fixed'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/appointments', {
          params: { path: { projectId } },
          body,
          ...write(writeId),
        }),
      ),
    {
      said: () => t('away.timeKept'),
      done: another,
    },
  )
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('away.addTime')}</summary>
      <Form
        form={form}
        save={add}
        label={t('away.keepTime')}
        aside
        onSubmit={(v) => add.mutate({ id, aim: 'ROAD_READY', ...filled(v) })}
      >
        <Line name="title" label={t('away.timeWhat')} />
        <div className="grid grid-cols-2 gap-2">
          <Line name="day" label={t('away.day')} type="date" />
          <Line name="at" label={t('away.at')} type="time" />
          <Decimal name="minutes" label={t('away.lasts')} />
          <JobPick name="afterJob" projectId={projectId} label={t('away.byThen')} none={t('away.noJob')} />
        </div>
        <Tick name="needsRolling" label={t('away.mustRoll')} />
      </Form>
    </details>
  )
}
