import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { JobChoice } from '@/ui/form/JobChoice'
import { Part } from '@/ui/page/Page'
import { minutesOf, useFormat } from '@/ui/format/format'
import { useFreshId } from '@/ui/form/useFreshId'

/** An inspection, the alignment bench: the plan bends round them. */
export function FixedTimes({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { data: times } = useQuery({
    queryKey: ['appointments', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/appointments', { params: { path: { projectId } } })),
  })
  const remove = useWrite(
    (appointmentId: string, id) =>
      unwrap(
        api.DELETE('/api/projects/{projectId}/appointments/{id}', {
          params: { path: { projectId, id: appointmentId } },
          ...write(id),
        }),
      ),
    { said: () => t('away.timeRemoved') },
  )
  return (
    <Part title={t('away.fixed')}>
      {times?.length === 0 && <p className="quiet">{t('away.noFixed')}</p>}
      <ul>
        {times?.map((a) => (
          <li key={a.id} className="flex items-center gap-2 border-b border-base-300 py-1">
            <span className="grow">
              <span className="font-semibold">{a.title}</span>
              <span className="quiet block text-sm">
                {format.shortDay(format.dateOf(a.startsAt))}, {format.time(a.startsAt)}
                {a.needsRolling && ` · ${t('away.rolls')}`}
              </span>
            </span>
            <button
              type="button"
              className="btn btn-ghost"
              aria-label={`${t('away.removeTime')}: ${a.title}`}
              onClick={() => remove.mutate(a.id)}
            >
              {t('away.removeTime')}
            </button>
          </li>
        ))}
      </ul>
      <ProblemAlert error={remove.error} />
      <NewTime projectId={projectId} />
    </Part>
  )
}

const empty = { title: '', day: '', at: '10:00', hours: '1', afterJob: '' }

function NewTime({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const [fresh, renew] = useFreshId()
  const [v, setV] = useState(empty)
  const [rolls, setRolls] = useState(true)
  const put = (key: keyof typeof v) => (e: { target: { value: string } }) => setV({ ...v, [key]: e.target.value })
  const minutes = minutesOf(v.hours)
  const add = useWrite(
    (body: Schemas['Fixed'], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/appointments', { params: { path: { projectId } }, body, ...write(id) }),
      ),
    {
      said: () => t('away.timeKept'),
      done: () => {
        renew()
        setV(empty)
      },
    },
  )
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('away.addTime')}</summary>
      <form
        className="grid grid-cols-2 gap-2"
        onSubmit={(e) => {
          e.preventDefault()
          if (minutes !== undefined)
            add.mutate({
              id: fresh,
              title: v.title,
              day: v.day,
              at: v.at,
              minutes,
              needsRolling: rolls,
              aim: 'ROAD_READY',
              ...(v.afterJob && { afterJob: v.afterJob }),
            })
        }}
      >
        <div className="col-span-2">
          <TextField label={t('away.timeWhat')} value={v.title} maxLength={120} onChange={put('title')} />
        </div>
        <TextField label={t('away.day')} type="date" value={v.day} onChange={put('day')} />
        <TextField label={t('away.at')} type="time" step={900} value={v.at} onChange={put('at')} />
        <TextField label={t('away.lasts')} inputMode="decimal" value={v.hours} onChange={put('hours')} />
        <JobChoice
          projectId={projectId}
          label={t('away.byThen')}
          none={t('away.noJob')}
          value={v.afterJob}
          onChange={put('afterJob')}
        />
        <label className="col-span-2 flex min-h-11 items-center gap-2">
          <input type="checkbox" className="checkbox" checked={rolls} onChange={(e) => setRolls(e.target.checked)} />
          {t('away.mustRoll')}
        </label>
        <div className="col-span-2">
          <ProblemAlert error={add.error} />
          <button type="submit" className="btn" disabled={v.title.trim() === '' || v.day === '' || add.isPending}>
            {t('away.keepTime')}
          </button>
        </div>
      </form>
    </details>
  )
}
