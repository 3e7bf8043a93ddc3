import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { clockOf, useFormat } from '@/ui/format/format'
import { NewDay } from './NewDay'

/** Days off, and days with other times than the week's. */
export function DaysOff() {
  const { t } = useTranslation()
  const format = useFormat()
  const days = useQuery({ queryKey: ['calendar', 'days'], queryFn: () => unwrap(api.GET('/api/calendar/days')) })
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
                  aria-label={t('actOn', { act: t('garage.removeDay'), what: format.shortDay(d.day) })}
                  onClick={() => remove.mutate(d.id)}
                >
                  {t('garage.removeDay')}
                </button>
              </li>
            ))}
          </ul>
        )}
      </Loaded>
      <NewDay />
      <ProblemAlert error={remove.error} />
    </div>
  )
}
