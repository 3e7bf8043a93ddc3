import { useController } from 'react-hook-form'
import { weekdays } from '@/api/generated/enums'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'

export type Weekdays = Schemas['Weekdays']

export const everyDay: Weekdays = { days: [...weekdays] }

/** Some days of the week, at least one. */
export function WeekdayPick({ name, label }: { name: string; label: string }) {
  const { t } = useTranslation()
  const { field } = useController({ name })
  const value = field.value as Weekdays
  return (
    <fieldset>
      <legend className="mb-1 text-sm font-semibold">{label}</legend>
      <div className="flex flex-wrap gap-x-4">
        {weekdays.map((day) => (
          <label key={day} className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={value.days.includes(day)}
              onBlur={field.onBlur}
              onChange={(e) =>
                field.onChange({
                  days: weekdays.filter((d) => (d === day ? e.target.checked : value.days.includes(d))),
                })
              }
            />
            {t(`day.${day}`)}
          </label>
        ))}
      </div>
    </fieldset>
  )
}

/** The days in words; nothing for every day. */
export function useDays(): (days: Weekdays) => string {
  const { t } = useTranslation()
  return ({ days }) =>
    days.length === weekdays.length
      ? ''
      : weekdays
          .filter((d) => days.includes(d))
          .map((d) => t(`day.${d}`))
          .join(', ')
}
