import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { clockOf, useFormat } from '@/ui/format/format'
import { useFreshId } from '@/ui/form/useFreshId'

const minuteOf = (clock: string) => {
  const [h, m] = clock.split(':').map(Number)
  return (h ?? 0) * 60 + (m ?? 0)
}
const empty = { day: '', from: '', to: '', note: '' }

/** Days off, and days with other times than the week's. */
export function DaysOff() {
  const { t } = useTranslation()
  const format = useFormat()
  const days = useQuery({ queryKey: ['calendar', 'days'], queryFn: () => unwrap(api.GET('/api/calendar/days')) })
  const [fresh, renew] = useFreshId()
  const [v, setV] = useState(empty)
  const put = (key: keyof typeof v) => (e: { target: { value: string } }) => setV({ ...v, [key]: e.target.value })
  const add = useWrite(
    (body: Schemas['DayRequest'], id) => unwrap(api.POST('/api/calendar/days', { body, ...write(id) })),
    {
      said: () => t('garage.dayKept'),
      done: () => {
        renew()
        setV(empty)
      },
    },
  )
  const remove = useWrite(
    (dayId: string, id) =>
      unwrap(api.DELETE('/api/calendar/days/{id}', { params: { path: { id: dayId } }, ...write(id) })),
    { said: () => t('garage.dayRemoved') },
  )
  return (
    <div className="mt-4">
      <h3 className="font-semibold">{t('garage.otherDays')}</h3>
      <Loaded query={days} what={t('garage.loading')}>
        {(all) => (
          <ul>
            {all.map((d) => (
              <li key={d.id} className="flex items-center gap-2 border-b border-base-300">
                <span className="grow">
                  {format.shortDay(d.day)}:{' '}
                  {d.fromMinute === undefined
                    ? t('garage.off')
                    : `${clockOf(d.fromMinute)}–${clockOf(d.toMinute ?? 0)}`}{' '}
                  <span className="quiet">{d.note}</span>
                </span>
                <button
                  type="button"
                  className="btn btn-ghost"
                  aria-label={`${t('garage.removeDay')}: ${format.shortDay(d.day)}`}
                  onClick={() => remove.mutate(d.id)}
                >
                  {t('garage.removeDay')}
                </button>
              </li>
            ))}
          </ul>
        )}
      </Loaded>
      <form
        className="mt-2 flex flex-wrap items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault()
          add.mutate({
            id: fresh,
            day: v.day,
            note: v.note,
            ...(v.from && { fromMinute: minuteOf(v.from) }),
            ...(v.to && { toMinute: minuteOf(v.to) }),
          })
        }}
      >
        <TextField label={t('garage.onDay')} type="date" value={v.day} onChange={put('day')} />
        <TextField label={t('garage.dayFrom')} type="time" step={900} value={v.from} onChange={put('from')} />
        <TextField label={t('garage.dayTo')} type="time" step={900} value={v.to} onChange={put('to')} />
        <TextField label={t('garage.dayNote')} value={v.note} maxLength={120} onChange={put('note')} />
        <button type="submit" className="btn" disabled={v.day === '' || add.isPending}>
          {t('garage.addDay')}
        </button>
      </form>
      <ProblemAlert error={add.error ?? remove.error} />
    </div>
  )
}
