import { differenceInCalendarDays } from 'date-fns'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { PackageOpen } from 'lucide-react'
import type { Schemas } from '@/api/client'
import { Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { useReason } from './useReason'

type Plan = Schemas['PlanResponse']
type Activity = Plan['activities'][number]
type Happening = {
  date: string
  at: string
  until: string
  activity: Activity
  first: boolean
  last: boolean
  arrives: boolean
}

/** Everything that happens, by day: stays of work, and arrivals. Days without time are counted, so that waiting stays visible. */
export function happenings(plan: Plan, dateOf: (instant: string) => string): Happening[] {
  const found: Happening[] = []
  for (const a of plan.activities) {
    a.stretches.forEach((s, i) =>
      found.push({
        date: dateOf(s.from),
        at: s.from,
        until: s.to,
        activity: a,
        first: i === 0,
        last: i === a.stretches.length - 1,
        arrives: false,
      }),
    )
    if (a.stretches.length === 0)
      found.push({ date: dateOf(a.end), at: a.end, until: a.end, activity: a, first: true, last: true, arrives: true })
  }
  return found.sort((x, y) => x.at.localeCompare(y.at))
}

const arrival = {
  JOB: 'plan.arrives',
  STRIP: 'plan.arrives',
  REFIT: 'plan.arrives',
  ORDER: 'plan.arrives',
  ARRIVED: 'plan.toLookAt',
  NEED: 'plan.couldArrive',
  SENT_OUT: 'plan.comesBack',
  APPOINTMENT: 'plan.isFixed',
  PLACE: 'plan.isFixed',
  DAYLIGHT: 'plan.isFixed',
  FIRE_WATCH: 'plan.isFixed',
  HELPER: 'plan.isFixed',
} as const

export function PlanDays({ plan, projectId }: { plan: Plan; projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const all = happenings(plan, format.dateOf)
  const months = [...new Set(all.map((h) => h.date.slice(0, 7)))]
  return (
    <>
      {months.map((month) => (
        <Part key={month} title={format.month(`${month}-01`)}>
          <Days happenings={all.filter((h) => h.date.startsWith(month))} all={all} projectId={projectId} />
        </Part>
      ))}
      {all.length > 0 && <p className="quiet text-sm">{t('plan.how')}</p>}
    </>
  )
}

function Days({ happenings, all, projectId }: { happenings: Happening[]; all: Happening[]; projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const days = [...new Set(happenings.map((h) => h.date))]
  const allDays = [...new Set(all.map((h) => h.date))]
  const gapBefore = (day: string) => {
    const before = allDays[allDays.indexOf(day) - 1]
    return before ? differenceInCalendarDays(day, before) - 1 : 0
  }
  return (
    <ol>
      {days.map((day) => (
        <li key={day}>
          {gapBefore(day) > 6 && (
            <p className="quiet border-l-4 border-dotted border-base-300 py-1 pl-3 text-sm">
              {t('plan.gap', { count: gapBefore(day) })}
            </p>
          )}
          <div className="grid gap-x-4 border-b border-base-300 py-2 sm:grid-cols-[7.5rem_1fr]">
            <p className="font-semibold">{format.shortDay(day)}</p>
            <ul className="grid gap-1.5">
              {happenings
                .filter((h) => h.date === day)
                .map((h) => (
                  <Row key={h.activity.subject.kind + h.activity.subject.id + h.at} h={h} projectId={projectId} />
                ))}
            </ul>
          </div>
        </li>
      ))}
    </ol>
  )
}

function Row({ h, projectId }: { h: Happening; projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const reason = useReason()
  const { subject } = h.activity
  if (h.arrives)
    return (
      <li className="flex items-center gap-2">
        <PackageOpen className="size-5 shrink-0" aria-hidden="true" />
        <span>{t(arrival[subject.kind], { part: subject.title })}</span>
      </li>
    )
  return (
    <li className="grid gap-x-3 sm:grid-cols-[7rem_1fr]">
      <span className="whitespace-nowrap">
        {format.time(h.at)}–{format.time(h.until)}
      </span>
      <div>
        <Link
          className="link font-semibold"
          to={`/p/${projectId}/work${subject.kind === 'JOB' ? `?job=${subject.id}` : '/access'}`}
        >
          {subject.title}
        </Link>{' '}
        {!h.first && <span className="quiet">{t('plan.goesOn')}</span>}{' '}
        {h.last && <span className="quiet">{t('plan.ends')}</span>}
        {h.first && (
          <details className="text-sm">
            <summary className="quiet cursor-pointer">{t('plan.whyNotSooner')}</summary>
            <ul className="list-disc pl-5">
              {h.activity.reasons.map((r) => (
                <li key={r.kind + r.until}>{reason(r)}</li>
              ))}
            </ul>
          </details>
        )}
      </div>
    </li>
  )
}
