import { useMemo, useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { accessQuery, jobsQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { isStale, ProblemAlert } from '@/ui/page/Feedback'
import { Choice, NoteField, TextField } from '@/ui/form/Field'
import { Merge } from '@/ui/form/Merge'
import { PhotoChoice, PhotosOnTheWay } from '@/ui/photos/SheetPhotos'
import { usePhotos } from '@/ui/photos/usePhotos'
import { Interlocks } from '@/ui/safety/Interlocks'
import { Sheet } from '@/ui/form/Sheet'
import { hours, useFormat } from '@/ui/format/format'
import { useDraft } from '@/ui/form/useDraft'

/** Time on a job, or on opening an access or closing it again. */
export type Work = { jobId?: string; access?: string; minutes: number }
const keyOf = (w: Work) => w.jobId ?? w.access ?? ''

type Values = {
  workedOn: string
  done: string
  learned: string
  noteToSelf: string
  work: Work[]
}

const steps = [15, 30, 60] as const

/** An evening: how long on which job, what was done, and the note to tomorrow's self. Kept as a draft until it is saved. */
export function WorkSessionForm({
  projectId,
  workSession,
  work: about,
  onClose,
}: {
  projectId: string
  workSession?: Schemas['WorkSessionResponse']
  /** What a new one begins with. */
  work?: Work[]
  onClose: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const [id] = useState(() => workSession?.id ?? crypto.randomUUID())
  const [version, setVersion] = useState(workSession?.version ?? 0)
  const [stored, setStored] = useState<Values>()
  const [recorded, setRecorded] = useState(false)
  const { data: jobs } = useQuery(jobsQuery(projectId))
  const today = format.today()
  const initial = useMemo<Values>(
    () =>
      workSession ?? {
        workedOn: today,
        done: '',
        learned: '',
        noteToSelf: '',
        work: about ?? [],
      },
    [workSession, about, today],
  )
  const draft = workSession?.id ?? [projectId, ...(about ?? []).map(keyOf)].join('.')
  const [v, setV, forget] = useDraft<Values>(`workSession.${draft}`, initial)
  const photos = usePhotos(`workSession.${draft}`, 'WORK_SESSION')
  const put = (change: Partial<Values>) => setV({ ...v, ...change })
  const open =
    jobs?.jobs.filter(
      (j) => j.state !== 'DROPPED' && j.state !== 'VERIFIED' && v.work.every((w) => w.jobId !== j.id),
    ) ?? []
  const { data: access } = useQuery(accessQuery(projectId))
  const inUse = new Set(access?.stripDowns.map((o) => o.access))
  const accesses = access?.accesses.filter((w) => inUse.has(w.id)) ?? []
  const titleOf = (w: Work) =>
    w.access
      ? t('workSession.wayIn', { what: access?.accesses.find((x) => x.id === w.access)?.name ?? '' })
      : (jobs?.jobs.find((j) => j.id === w.jobId)?.title ?? '')
  const save = useWrite(
    (fields: Schemas['WorkSessionFields'], writeId) =>
      workSession
        ? unwrap(
            api.PUT('/api/work-sessions/{id}', {
              params: { path: { id } },
              body: { fields, version },
              ...write(writeId),
            }),
          )
        : unwrap(
            api.POST('/api/projects/{projectId}/work-sessions', {
              params: { path: { projectId } },
              body: { id, fields },
              ...write(writeId),
            }),
          ),
    {
      said: (values) => t('workSession.saved', { hours: hours(values.work.reduce((sum, w) => sum + w.minutes, 0)) }),
      done: () => {
        forget()
        setRecorded(true)
        void photos.send(id).then((all) => all && onClose())
      },
    },
  )
  function submit() {
    const work = v.work.map((w) => ({
      minutes: w.minutes,
      ...(w.access ? { access: w.access } : { jobId: w.jobId! }),
    }))
    save.mutate(
      { workedOn: v.workedOn, done: v.done, learned: v.learned, noteToSelf: v.noteToSelf, work },
      {
        onError: (problem) => {
          if (!isStale(problem)) return
          const now = problem.stored as Values & { version: number }
          setStored({ ...now, work: v.work })
          setVersion(now.version)
        },
      },
    )
  }
  if (recorded)
    return (
      <Sheet title={t('workSession.edit')} onClose={onClose}>
        <PhotosOnTheWay photos={photos} onDone={onClose} />
      </Sheet>
    )
  return (
    <Sheet title={t(workSession ? 'workSession.edit' : 'workSession.add')} onClose={onClose}>
      <form
        className="grid gap-4"
        onSubmit={(e) => {
          e.preventDefault()
          submit()
        }}
      >
        <fieldset className="grid gap-2">
          <legend className="mb-1 font-semibold">{t('workSession.onWhat')}</legend>
          {v.work.map((w) => (
            <JobMinutes
              key={keyOf(w)}
              title={titleOf(w)}
              asks={jobs?.jobs.some((j) => j.id === w.jobId && !j.over) ? w.jobId : undefined}
              minutes={w.minutes}
              onChange={(minutes) =>
                put({
                  work:
                    minutes > 0
                      ? v.work.map((x) => (keyOf(x) === keyOf(w) ? { ...x, minutes } : x))
                      : v.work.filter((x) => keyOf(x) !== keyOf(w)),
                })
              }
            />
          ))}
          <Choice
            label={t(v.work.length === 0 ? 'workSession.firstJob' : 'workSession.anotherJob')}
            value=""
            onChange={(e) => {
              const chosen = e.target.value
              const what = accesses.some((w) => w.id === chosen) ? { access: chosen } : { jobId: chosen }
              if (chosen) put({ work: [...v.work, { ...what, minutes: 60 }] })
            }}
          >
            <option value="">{t('workSession.chooseJob')}</option>
            {open.map((j) => (
              <option key={j.id} value={j.id}>
                {j.code} {j.title}
              </option>
            ))}
            {accesses.length > 0 && (
              <optgroup label={t('workSession.waysIn')}>
                {accesses
                  .filter((w) => v.work.every((x) => x.access !== w.id))
                  .map((w) => (
                    <option key={w.id} value={w.id}>
                      {w.name}
                    </option>
                  ))}
              </optgroup>
            )}
          </Choice>
        </fieldset>
        <NoteField label={t('workSession.done')} value={v.done} onChange={(e) => put({ done: e.target.value })} />
        <NoteField
          label={t('workSession.noteToSelf')}
          hint={t('workSession.noteHint')}
          value={v.noteToSelf}
          onChange={(e) => put({ noteToSelf: e.target.value })}
        />
        <NoteField
          label={t('workSession.learned')}
          rows={2}
          value={v.learned}
          onChange={(e) => put({ learned: e.target.value })}
        />
        <TextField
          label={t('workSession.day')}
          type="date"
          max={today}
          value={v.workedOn}
          onChange={(e) => put({ workedOn: e.target.value })}
        />
        <PhotoChoice photos={photos} />
        <ProblemAlert error={save.error} />
        {stored && (
          <Merge
            mine={v}
            stored={stored}
            onChange={setV}
            fields={[
              { key: 'workedOn', label: t('workSession.day'), show: String },
              { key: 'done', label: t('workSession.done'), show: String, text: true },
              { key: 'learned', label: t('workSession.learned'), show: String, text: true },
              { key: 'noteToSelf', label: t('workSession.noteToSelf'), show: String, text: true },
            ]}
          />
        )}
        <button type="submit" className="btn btn-primary btn-lg" disabled={save.isPending || v.work.length === 0}>
          {t('workSession.save')}
        </button>
      </form>
    </Sheet>
  )
}

function JobMinutes({
  title,
  asks,
  minutes,
  onChange,
}: {
  title: string
  /** The job whose conditions are asked here too: unanswered, it is begun and cannot be finished. */
  asks: string | undefined
  minutes: number
  onChange: (minutes: number) => void
}) {
  const { t } = useTranslation()
  return (
    <div className="card-sheet p-2">
      <p className="font-semibold">{title}</p>
      <div className="mt-1 flex flex-wrap items-center gap-1">
        <span className="min-w-16 text-lg font-bold" aria-live="polite">
          {hours(minutes)}
        </span>
        {steps.map((s) => (
          <button key={s} type="button" className="btn btn-sm min-h-11" onClick={() => onChange(minutes + s)}>
            +{hours(s)}
          </button>
        ))}
        <button type="button" className="btn btn-sm min-h-11" onClick={() => onChange(Math.max(15, minutes - 15))}>
          −15 min
        </button>
        <button type="button" className="btn btn-ghost btn-sm min-h-11" onClick={() => onChange(0)}>
          {t('workSession.remove')}
        </button>
      </div>
      {asks && (
        <details className="mt-1">
          <summary className="cursor-pointer py-2 font-semibold">{t('workSession.madeSure')}</summary>
          <p className="quiet text-sm">{t('workSession.madeSureWhy')}</p>
          <Interlocks jobId={asks} />
        </details>
      )}
    </div>
  )
}
