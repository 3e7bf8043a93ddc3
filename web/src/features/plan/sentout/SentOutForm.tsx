import { useState } from 'react'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { aims } from '@/api/generated/enums'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { JobPick } from '@/ui/form/JobPick'
import { Line, Pick, Tick, Whole } from '@/ui/form/named'
import { filled, line, whole } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { everyDay, WeekdayPick, type Weekdays } from '@/ui/form/WeekdayPick'

const listOf = (typed: string) =>
  typed
    .split(',')
    .map((m) => m.trim())
    .filter(Boolean)

const empty = { title: '', pieces: '1', awayDays: '10', beforeJob: '', afterJob: '', mask: '' }

/** Pieces that go out: how many, for how long, between which jobs, and what is covered first. */
export function SentOutForm({ projectId, onClose }: { projectId: string; onClose: () => void }) {
  const { t } = useTranslation()
  const [id] = useState(() => crypto.randomUUID())
  const count = whole(t('form.whole'), { min: 1, max: 9999 })
  const form = useFields(
    z.object({
      title: line(t('form.missing')),
      pieces: count,
      awayDays: count,
      beforeJob: z.string(),
      afterJob: z.string(),
      mask: z.string().transform(listOf),
      aim: z.enum(aims),
      carGoes: z.boolean(),
      openOn: z.custom<Weekdays>(),
    }),
    { ...empty, aim: 'DRIVER', carGoes: false, openOn: everyDay },
  )
  const save = useWrite(
    (body: Schemas['NewSentOutRequest'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/sent-out', { params: { path: { projectId } }, body, ...write(writeId) }),
      ),
    { said: () => t('away.kept'), done: onClose },
  )
  return (
    <Sheet title={t('away.add')} onClose={onClose}>
      <Form form={form} save={save} label={t('save')} onSubmit={(v) => save.mutate({ id, ...filled(v) })}>
        <Line name="title" label={t('away.what')} />
        <div className="grid grid-cols-2 gap-3">
          <Whole name="pieces" label={t('away.howMany')} />
          <Whole name="awayDays" label={t('away.itsDays')} />
        </div>
        <JobPick name="beforeJob" projectId={projectId} label={t('away.before')} none={t('away.noJob')} />
        <JobPick name="afterJob" projectId={projectId} label={t('away.after')} none={t('away.noJob')} />
        <Line name="mask" label={t('away.maskWhat')} maxLength={400} />
        <Pick name="aim" label={t('away.aim')} of={aims} say={(a) => t(`aim.${a}`)} />
        <Tick name="carGoes" label={t('away.wholeCar')} />
        <WeekdayPick name="openOn" label={t('away.openOn')} />
      </Form>
    </Sheet>
  )
}
