import { useMemo, useState } from 'react'
import { Controller, useForm, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Merge } from '@/ui/form/draft/Merge'
import { Line, Note } from '@/ui/form/named'
import { Sheet } from '@/ui/form/Sheet'
import { useDraft, useKeptTyping } from '@/ui/form/draft/useDraft'
import { useMerge } from '@/ui/form/draft/useMerge'
import { hours, useFormat } from '@/ui/format/format'
import { UnfinishedJobs, type Unfinished } from './UnfinishedJobs'
import { PhotoChoice, PhotosOnTheWay } from '@/ui/photos/SheetPhotos'
import { usePhotos } from '@/ui/photos/usePhotos'
import { keyOf, WorkDone, type Work } from './WorkDone'

export type { Work } from './WorkDone'

type Session = Schemas['WorkSessionResponse']
type Values = Pick<Session, 'workedOn' | 'done' | 'learned' | 'noteToSelf'> & { work: Work[]; steps?: string }

const valuesOf = ({ workedOn, done, learned, noteToSelf, work }: Values): Values => ({
  workedOn,
  done,
  learned,
  noteToSelf,
  work: work.map(({ minutes, access, jobId, finished }) => ({
    minutes,
    ...(access ? { access } : { jobId: jobId!, ...(finished && { finished }) }),
  })),
})

type Props = {
  projectId: string
  workSession?: Session
  /** What a new one begins with. */
  work?: Work[]
  /** The session that goes on, which the draft is of while it is ticked off further. */
  begunAt?: string
  onClose: () => void
}

/** What is typed stays; hours and what is finished are those of the steps as they are ticked now. */
const withStepsOf = (draft: Values, first: Values): Values =>
  draft.steps === first.steps ? draft : { ...draft, work: first.work, steps: first.steps }

/** A session: how long on which job, what was done, and the note to tomorrow's self. Kept as a draft until it is saved. */
export function WorkSessionForm({ projectId, workSession, work: about, begunAt, onClose }: Props) {
  const { t } = useTranslation()
  const today = useFormat().today()
  const [id] = useState(() => workSession?.id ?? crypto.randomUUID())
  const [recorded, setRecorded] = useState<Unfinished[]>()
  const [sent, setSent] = useState(false)
  const photosAreThere = (unfinished: Unfinished[]) => (unfinished.length === 0 ? onClose() : setSent(true))
  const first = useMemo<Values>(
    () => ({
      ...valuesOf(workSession ?? { workedOn: today, done: '', learned: '', noteToSelf: '', work: about ?? [] }),
      ...(begunAt && { steps: (about ?? []).map((w) => keyOf(w) + (w.finished ? ' done' : '')).join() }),
    }),
    [workSession, about, begunAt, today],
  )
  const name = `workSession.${workSession?.id ?? [projectId, ...(begunAt ? [begunAt] : (about ?? []).map(keyOf))].join('.')}`
  const [draft, keep, forget] = useDraft<Values>(name, first)
  const form = useForm<Values>({ defaultValues: withStepsOf(draft, first) })
  const typed = useWatch({ control: form.control }) as Values
  useKeptTyping(form, keep)
  const photos = usePhotos(name, 'WORK_SESSION')
  const { version, stored, onError } = useMerge(workSession, (now) => ({
    ...valuesOf({ ...now, work: [] }),
    work: form.getValues('work'),
  }))
  const save = useWrite(
    ({ work, workedOn, done, learned, noteToSelf }: Values, writeId) => {
      const fields = {
        workedOn,
        done,
        learned,
        noteToSelf,
        work: work.map(({ minutes, jobId, access }) => ({ minutes, jobId, access })),
      }
      return workSession
        ? unwrap(
            api.PUT('/api/work-sessions/{id}', {
              params: { path: { id } },
              body: { fields, version },
              ...write(writeId),
            }),
          ).then(() => [])
        : unwrap(
            api.POST('/api/projects/{projectId}/work-sessions', {
              params: { path: { projectId } },
              body: { id, fields, finished: work.flatMap((w) => (w.finished && w.jobId ? [w.jobId] : [])) },
              ...write(writeId),
            }),
          ).then((logged) => logged.unfinished)
    },
    {
      said: (values) => t('workSession.saved', { hours: hours(values.work.reduce((sum, w) => sum + w.minutes, 0)) }),
      done: (unfinished) => {
        setRecorded(unfinished)
        forget()
        void photos.send(id).then((all) => all && photosAreThere(unfinished))
      },
    },
  )
  if (recorded)
    return (
      <Sheet title={t(workSession ? 'workSession.edit' : 'workSession.add')} onClose={onClose}>
        {sent ? (
          <UnfinishedJobs projectId={projectId} jobs={recorded} onClose={onClose} />
        ) : (
          <PhotosOnTheWay photos={photos} onDone={() => photosAreThere(recorded)} />
        )}
      </Sheet>
    )
  return (
    <Sheet title={t(workSession ? 'workSession.edit' : 'workSession.add')} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('workSession.save')}
        disabled={typed.work.length === 0}
        onSubmit={(v) => save.mutate(v, { onError })}
      >
        <Controller
          name="work"
          control={form.control}
          render={({ field }) => (
            <WorkDone projectId={projectId} work={field.value} finishing={!workSession} onChange={field.onChange} />
          )}
        />
        <Note name="done" label={t('workSession.done')} />
        <Note name="noteToSelf" label={t('workSession.noteToSelf')} hint={t('workSession.noteHint')} />
        <Note name="learned" label={t('workSession.learned')} rows={2} />
        <Line name="workedOn" label={t('workSession.day')} type="date" max={today} />
        <PhotoChoice photos={photos} />
        {stored && (
          <Merge
            mine={form.getValues()}
            stored={stored}
            onChange={(merged) => form.reset(merged)}
            fields={[
              { key: 'workedOn', label: t('workSession.day'), show: String },
              { key: 'done', label: t('workSession.done'), show: String, text: true },
              { key: 'learned', label: t('workSession.learned'), show: String, text: true },
              { key: 'noteToSelf', label: t('workSession.noteToSelf'), show: String, text: true },
            ]}
          />
        )}
      </Form>
    </Sheet>
  )
}
