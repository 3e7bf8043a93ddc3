import { differenceInCalendarDays } from 'date-fns'
import { Link, useParams } from 'react-router'
import { Trans, useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { hours, useFormat } from '@/ui/format/format'
import { inGroups, usePartTask, type TaskGroup } from '@/ui/format/names/partTask'
import { Further } from '@/ui/page/Page'
import { workPath } from '@/ui/format/workPath'

export type Today = Schemas['TodayResponse']

const workOf = (projectId: string) => `/p/${projectId}/work`

const bold = <strong className="font-bold" />

/** On the road about 14 June; the gearbox casing holds it. */
export function RoadSentence({ today }: { today: Today }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { projectId = '' } = useParams()
  const road = today.road
  if (today.dangerousWithoutWork > 0) return <>{t('today.noDate', { count: today.dangerousWithoutWork })}</>
  if (!road && today.roadWithoutDate)
    return (
      <>
        {t('today.noDateYet')}{' '}
        <Link className="link" to={`/p/${projectId}/plan`}>
          {t('today.planIncomplete')}
        </Link>
      </>
    )
  if (!road) return <>{today.nextGate ? t('today.nothingPlanned') : t('today.nothingInTheWay')}</>
  const date = format.far(road.onAtOwnPace ?? road.on)
  const kept = road.beyondAtOwnPace
    ? t('today.ifAllKept')
    : (road.onAtOwnPace ?? road.on) === road.on
      ? ''
      : t('today.ifKept', { date: format.far(road.on) })
  if (road.notBefore)
    return (
      <>
        <Trans i18nKey="today.notBefore" values={{ date, kept }} components={{ b: bold }} />{' '}
        <Link className="link" to={`/p/${projectId}/road`}>
          {t('today.whatItLeavesOut')}
        </Link>
      </>
    )
  const key = ['JOB', 'STRIP', 'REFIT'].includes(road.holder.kind)
    ? 'today.roadByJob'
    : road.holder.kind === 'APPOINTMENT'
      ? 'today.roadByTime'
      : 'today.roadByPart'
  return (
    <>
      <Trans
        i18nKey={key}
        values={{ date, kept, holder: road.holder.title, until: format.day(road.holdsUntil) }}
        components={{ b: bold }}
      />{' '}
      {!today.planComplete && (
        <Link className="link" to={`/p/${projectId}/plan`}>
          {t('today.planIncomplete')}
        </Link>
      )}
    </>
  )
}

/** How sure the date is, once the plan was run through. */
export function EightInTenSentence({ today }: { today: Today }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { projectId = '' } = useParams()
  const eight = today.road?.eightInTen
  if (!eight || today.dangerousWithoutWork > 0) return null
  return (
    <Link className="link" to={`/p/${projectId}/plan`}>
      {t('today.eightInTen', { date: format.far(eight) })}
    </Link>
  )
}

/** Against the target: how much is left over or missing. */
export function TargetSentence({ today }: { today: Today }) {
  const { t } = useTranslation()
  const format = useFormat()
  const road = today.road
  if (!road?.target || today.dangerousWithoutWork > 0) return null
  const days = differenceInCalendarDays(road.target, road.onAtOwnPace ?? road.on)
  const weeks = Math.round(Math.abs(days) / 7)
  return <>{t(days >= 0 ? 'today.ahead' : 'today.behind', { target: format.day(road.target), count: weeks })}</>
}

/** Temporary repairs whose time has come. */
export function OutstandingSentence({ today }: { today: Today }) {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  if (today.outstandingDue === 0) return null
  return (
    <Link className="link" to={workOf(projectId) + '/outstanding'}>
      {t('today.outstandingDue', { count: today.outstandingDue })}
    </Link>
  )
}

/** The date leaves out what has no jobs yet: said, not hidden. */
export function LeftOutSentence({ today }: { today: Today }) {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  if (today.withoutWork.length === 0) return null
  return (
    <>
      {t('today.leftOut', { count: today.withoutWork.length })}{' '}
      <Link className="link" to={`/p/${projectId}/walk/decide`}>
        {t('today.decideThem')}
      </Link>
    </>
  )
}

export function TonightSentence({ today }: { today: Today }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { projectId = '' } = useParams()
  const tonight = today.tonight
  if (!tonight)
    return (
      <>
        {t(today.hasOwnTime ? 'today.noTimeLeft' : 'today.noTime')}{' '}
        <Link className="link" to="/garage">
          {t(today.hasOwnTime ? 'today.changeTime' : 'today.sayWhen')}
        </Link>
      </>
    )
  const when = tonight.day === today.today ? t('today.tonight') : t('today.next', { day: format.weekday(tonight.day) })
  const first = tonight.jobs[0]
  if (!first)
    return (
      <>{t(today.openJobs > 0 ? 'today.nothingPossible' : 'today.noJobs', { when, hours: hours(tonight.minutes) })}</>
    )
  return (
    <>
      <Trans
        i18nKey="today.tonightFirst"
        values={{
          when,
          hours: hours(tonight.minutes),
          job: first.title,
        }}
        components={{ b: bold, l: <Link className="link" to={workPath(projectId, first)} /> }}
      />
      {tonight.setUpMinutes > 0 && <Further>{t('today.setUp', { minutes: tonight.setUpMinutes })}</Further>}
    </>
  )
}

/** What is to be done about parts leads to them. */
export function PartLink({ group }: { group: TaskGroup }) {
  const { projectId = '' } = useParams()
  const say = usePartTask()
  const { first, all } = group
  const at = first.kind === 'ORDER' ? `order=${all.map((task) => task.needId).join(',')}` : `need=${first.needId}`
  return (
    <Link className="link" to={`/p/${projectId}/parts?${at}`}>
      {say(group)}
    </Link>
  )
}

export function PartSentence({ today }: { today: Today }) {
  const { t } = useTranslation()
  const first = inGroups(today.parts)[0]
  return first ? <PartLink group={first} /> : <>{t('today.nothingToOrder')}</>
}

export function MoneySentence({ today }: { today: Today }) {
  const format = useFormat()
  const left = today.leftThisMonthMinor
  if (left === undefined) return null
  const money = format.money(Math.abs(left), today.currency)
  return (
    <Trans
      i18nKey={left >= 0 ? 'today.leftThisMonth' : 'today.shortThisMonth'}
      values={{ money }}
      components={{ b: bold }}
    />
  )
}

/** Money that comes back only if somebody sees to it. */
export function MoneyBackList({ today }: { today: Today }) {
  const { t } = useTranslation()
  const format = useFormat()
  return (
    <ul className="my-1 list-disc pl-5">
      {today.moneyBack.map((m) => (
        <li key={`${m.kind} ${m.from} ${m.by}`}>
          {t(`today.moneyBack.${m.kind}`, {
            from: m.from,
            money: format.money(m.baseMinor ?? 0, today.currency),
            date: format.shortDay(m.by),
          })}
        </li>
      ))}
    </ul>
  )
}
