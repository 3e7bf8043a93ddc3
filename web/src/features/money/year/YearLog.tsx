import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { hours, useFormat } from '@/ui/format/format'
import { workedMinutes } from '@/ui/format/worked'
import { Part } from '@/ui/page/Page'

type Session = Schemas['WorkSessionResponse']

/** What was done, session by session, month by month. */
export function YearLog({ sessions }: { sessions: Session[] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const months = new Map<string, Session[]>()
  for (const s of sessions) {
    const month = s.workedOn.slice(0, 7)
    months.set(month, [...(months.get(month) ?? []), s])
  }
  if (months.size === 0) return null
  return (
    <Part title={t('year.log')}>
      {[...months]
        .toSorted(([a], [b]) => a.localeCompare(b))
        .map(([month, its]) => (
          <section key={month} className="mb-4">
            <h3 className="font-semibold">
              {t('year.month', {
                month: format.month(`${month}-01`),
                hours: hours(workedMinutes(...its)),
              })}
            </h3>
            <ul>
              {its
                .toSorted((a, b) => a.workedOn.localeCompare(b.workedOn))
                .map((s) => (
                  <li key={s.id} className="break-inside-avoid border-b border-base-300 py-1.5">
                    <span className="quiet text-sm">
                      {[
                        format.shortDay(s.workedOn),
                        ...(workedMinutes(s) > 0 ? [hours(workedMinutes(s))] : []),
                        s.person,
                      ].join(' · ')}
                    </span>
                    <span className="block whitespace-pre-wrap">{s.done}</span>
                    {s.learned && <span className="block text-sm">{t('year.learned', { what: s.learned })}</span>}
                  </li>
                ))}
            </ul>
          </section>
        ))}
    </Part>
  )
}
