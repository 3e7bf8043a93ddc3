import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Plus, Trash2 } from 'lucide-react'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { clockOf, hours } from '@/ui/format/format'
import { weekdays } from '@/api/generated/enums'
import { calendarQuery, minutesAWeek } from './week'

type Window = Schemas['WindowFields']

const SATURDAY = weekdays.indexOf('SATURDAY')

/** A morning on the next day, from Saturday on, that has no time yet; where all have one, an hour in Saturday's evening. */
function oneMore(windows: Window[]): Window {
  const day = weekdays
    .map((_, i) => weekdays[(SATURDAY + i) % weekdays.length]!)
    .find((d) => windows.every((w) => w.day !== d))
  return day
    ? { day, fromMinute: 9 * 60, toMinute: 12 * 60 }
    : { day: 'SATURDAY', fromMinute: 20 * 60, toMinute: 21 * 60 }
}

const quarters = Array.from({ length: 97 }, (_, i) => i * 15)

/** When one has time in the garage, by weekday: all dates of the plan rest on it. */
export function Calendar() {
  const { t } = useTranslation()
  const calendar = useQuery(calendarQuery)
  return (
    <Loaded query={calendar} what={t('garage.loading')}>
      {(c) => <Edit key={JSON.stringify(c)} stored={c.windows} setUpStored={c.setUpMinutes ?? 0} />}
    </Loaded>
  )
}

function Edit({ stored, setUpStored }: { stored: Window[]; setUpStored: number }) {
  const { t } = useTranslation()
  const [windows, setWindows] = useState(stored)
  const [setUp, setSetUp] = useState(String(setUpStored))
  const save = useWrite(
    (body: Schemas['CalendarBody'], id) => unwrap(api.PUT('/api/calendar', { body, ...write(id) })),
    { said: () => t('garage.timeSaved') },
  )
  const minutes = setUp.trim() === '' ? NaN : Number(setUp)
  const changed = JSON.stringify(windows) !== JSON.stringify(stored) || minutes !== setUpStored
  const put = (i: number, change: Partial<Window>) =>
    setWindows(windows.map((w, j) => (i === j ? { ...w, ...change } : w)))
  const week = minutesAWeek(windows)
  return (
    <div className="grid gap-2">
      <p className="quiet">{windows.length === 0 ? t('garage.noTime') : t('garage.week', { hours: hours(week) })}</p>
      {windows.map((w, i) => (
        <div key={i} className="flex flex-wrap items-center gap-2">
          <select
            className="select w-36"
            aria-label={t('garage.day', { number: i + 1 })}
            value={w.day}
            onChange={(e) => put(i, { day: e.target.value as Window['day'] })}
          >
            {weekdays.map((d) => (
              <option key={d} value={d}>
                {t(`day.${d}`)}
              </option>
            ))}
          </select>
          <select
            className="select w-24"
            aria-label={t('garage.from', { number: i + 1 })}
            value={w.fromMinute}
            onChange={(e) => put(i, { fromMinute: Number(e.target.value) })}
          >
            {quarters.slice(0, 96).map((q) => (
              <option key={q} value={q}>
                {clockOf(q)}
              </option>
            ))}
          </select>
          –
          <select
            className="select w-24"
            aria-label={t('garage.to', { number: i + 1 })}
            value={w.toMinute}
            onChange={(e) => put(i, { toMinute: Number(e.target.value) })}
          >
            {quarters.slice(1).map((q) => (
              <option key={q} value={q}>
                {clockOf(q)}
              </option>
            ))}
          </select>
          <button
            type="button"
            className="btn btn-square btn-ghost"
            aria-label={t('garage.removeTime', { number: i + 1 })}
            onClick={() => setWindows(windows.filter((_, j) => j !== i))}
          >
            <Trash2 className="size-4" aria-hidden="true" />
          </button>
        </div>
      ))}
      <label className="flex flex-wrap items-center gap-2">
        {t('garage.setUp')}
        <input
          className="input w-20"
          type="number"
          min={0}
          max={120}
          value={setUp}
          onChange={(e) => setSetUp(e.target.value)}
        />
        <span className="quiet">{t('garage.setUpHint')}</span>
      </label>
      <ProblemAlert error={save.error} />
      <div className="flex gap-2">
        <button type="button" className="btn" onClick={() => setWindows([...windows, oneMore(windows)])}>
          <Plus className="size-4" aria-hidden="true" />
          {t('garage.addTime')}
        </button>
        <button
          type="button"
          className="btn btn-primary"
          disabled={save.isPending || !changed || !Number.isInteger(minutes)}
          onClick={() => save.mutate({ windows, setUpMinutes: minutes })}
        >
          {t('garage.saveTime')}
        </button>
      </div>
    </div>
  )
}
