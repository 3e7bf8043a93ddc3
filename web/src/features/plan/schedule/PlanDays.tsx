import { differenceInCalendarDays, differenceInMinutes } from 'date-fns'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { PackageOpen } from 'lucide-react'
import type { Schemas } from '@/api/client'
import { hours, useFormat } from '@/ui/format/format'
import { workPath } from '@/ui/format/workPath'
import { usePieces } from './usePieces'
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
  TRIAL: 'plan.arrives',
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
  NOISE: 'plan.isFixed',
  HIRED: 'plan.isFixed',
  WARMTH: 'plan.isFixed',
  LONG_SESSION: 'plan.isFixed',
  HELPER: 'plan.isFixed',
} as const

/** What is done on one day: its pieces of work with their steps, what is taken apart and put together, and what comes. */
export type Session = {
  date: string
  minutes: number
  pieces: { title: string; steps: number }[]
  apart: number
  together: number
  arrivals: number
  happenings: Happening[]
}

/** @param pieceOf what piece of work a job is a step of */
export function sessions(all: Happening[], pieceOf: (activity: Activity) => string): Session[] {
  return [...new Set(all.map((h) => h.date))].map((date) => {
    const its = all.filter((h) => h.date === date)
    const work = its.filter((h) => !h.arrives)
    const titles = work.filter((h) => h.activity.subject.kind === 'JOB').map((h) => pieceOf(h.activity))
    return {
      date,
      minutes: work.reduce((sum, h) => sum + differenceInMinutes(h.until, h.at), 0),
      pieces: [...new Set(titles)].map((title) => ({ title, steps: titles.filter((t) => t === title).length })),
      apart: work.filter((h) => h.activity.subject.kind === 'STRIP').length,
      together: work.filter((h) => h.activity.subject.kind === 'REFIT').length,
      arrivals: its.length - work.length,
      happenings: its,
    }
  })
}

/** Sessions by month, each a line that opens; the next one is open. */
export function PlanDays({ plan, projectId }: { plan: Plan; projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const pieceOf = usePieces(projectId)
  const all = sessions(happenings(plan, format.dateOf), (a) => pieceOf(a).title)
  const months = [...new Set(all.map((s) => s.date.slice(0, 7)))]
  const next = all.find((s) => s.minutes > 0)
  return (
    <>
      {months.map((month) => {
        const its = all.filter((s) => s.date.startsWith(month))
        const minutes = its.reduce((sum, s) => sum + s.minutes, 0)
        return (
          <details key={month} open={next?.date.startsWith(month) ?? true} className="mb-4">
            <summary className="cursor-pointer border-b-2 border-base-300 py-2">
              <h2 className="inline text-lg font-semibold">{format.month(`${month}-01`)}</h2>{' '}
              <span className="quiet">
                {minutes > 0 &&
                  t('plan.monthSays', { count: its.filter((s) => s.minutes > 0).length, hours: hours(minutes) })}
              </span>
            </summary>
            <Sessions sessions={its} all={all} next={next} projectId={projectId} />
          </details>
        )
      })}
      {all.length > 0 && <p className="quiet text-sm">{t('plan.how')}</p>}
    </>
  )
}

function Sessions({
  sessions: its,
  all,
  next,
  projectId,
}: {
  sessions: Session[]
  all: Session[]
  next: Session | undefined
  projectId: string
}) {
  const { t } = useTranslation()
  const format = useFormat()
  return (
    <ol>
      {its.map((s) => {
        const before = all[all.indexOf(s) - 1]
        const gap = before ? differenceInCalendarDays(s.date, before.date) - 1 : 0
        return (
          <li key={s.date}>
            {gap > 6 && (
              <p className="quiet border-l-4 border-dotted border-base-300 py-1 pl-3 text-sm">
                {t('plan.gap', { count: gap })}
              </p>
            )}
            <details className="border-b border-base-300 py-2" open={s === next}>
              <summary className="cursor-pointer">
                <strong>{format.shortDay(s.date)}</strong>
                {s.minutes > 0 && <span className="quiet"> · {hours(s.minutes)}</span>} <SessionGoal session={s} />
              </summary>
              <ul className="grid gap-1.5 py-2 pl-4">
                {s.happenings.map((h) => (
                  <Row key={h.activity.subject.kind + h.activity.subject.id + h.at} h={h} projectId={projectId} />
                ))}
              </ul>
            </details>
          </li>
        )
      })}
    </ol>
  )
}

/** What it is for, before its steps are read. */
function SessionGoal({ session: s }: { session: Session }) {
  const { t } = useTranslation()
  return (
    <span>
      {[
        ...s.pieces.map((p) => t('plan.piece', { what: p.title, count: p.steps })),
        s.apart > 0 && t('plan.apart', { count: s.apart }),
        s.together > 0 && t('plan.together', { count: s.together }),
        s.arrivals > 0 && t('plan.arrivals', { count: s.arrivals }),
      ]
        .filter(Boolean)
        .join(' · ')}
    </span>
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
        <Link className="link font-semibold" to={workPath(projectId, subject)}>
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
