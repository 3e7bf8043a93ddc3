import { useTranslation } from 'react-i18next'
import { scaleTime, type ScaleTime } from 'd3-scale'
import type { Schemas } from '@/api/client'
import { Part } from '@/ui/page/Page'
import { hours, useFormat } from '@/ui/format/format'

type Plan = Schemas['PlanResponse']
type Phase = Plan['phases'][number]

/** The whole project on one screen: its phases along the months, what is left of each, and what it ends with. */
export function PhaseOverview({ plan }: { plan: Plan }) {
  const { t } = useTranslation()
  const dated = plan.phases.flatMap((p) => (p.from && p.to ? [{ from: new Date(p.from), to: new Date(p.to) }] : []))
  if (plan.phases.length < 2 || dated.length === 0) return null
  const from = new Date(Math.min(...dated.map((d) => d.from.getTime())))
  const road = plan.milestones.find((m) => m.aim === 'ROAD_READY')
  const to = new Date(
    Math.max(...dated.map((d) => d.to.getTime()), new Date(road?.finishAtOwnPace ?? road?.finish ?? from).getTime()),
  )
  const scale = scaleTime().domain([from, to]).range([0, 100])
  return (
    <Part title={t('phases.title')}>
      <Days scale={scale} />
      <ol className="grid">
        {plan.phases.map((phase) => (
          <PhaseLine key={phase.phase} phase={phase} at={scale} />
        ))}
        {road && <RoadLine road={road} at={scale} />}
      </ol>
    </Part>
  )
}

/** Further right its words would leave the page, in per cent. */
const ROOM_FOR_A_DAY = 94

/** Some days over the bars, to read them by. */
function Days({ scale }: { scale: ScaleTime<number, number> }) {
  const format = useFormat()
  return (
    <div className="quiet relative hidden h-6 text-sm md:ml-64 md:block" aria-hidden="true">
      {scale
        .ticks(6)
        .filter((day) => scale(day) < ROOM_FOR_A_DAY)
        .map((day) => (
          <span
            key={day.toISOString()}
            className="absolute whitespace-nowrap border-l border-base-300 pl-1"
            style={{ left: `${scale(day)}%` }}
          >
            {format.dayOfMonth(day.toISOString())}
          </span>
        ))}
    </div>
  )
}

/** From the day on which it is ready if every session is kept to the one at the own pace. */
function RoadLine({ road, at }: { road: Plan['milestones'][number]; at: (instant: Date) => number }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { finish: kept, finishAtOwnPace: own } = road
  const day = (instant: string) => format.far(format.dateOf(instant))
  const left = Math.min(99, at(new Date(kept)))
  return (
    <li className="py-2 md:flex md:items-center">
      <p className="font-semibold md:w-64 md:shrink-0 md:pr-3">{t('reached.ROAD_READY')}</p>
      <div className="grow">
        <div className="relative h-3 rounded bg-base-200" aria-hidden="true">
          <div
            className="absolute inset-y-0 rounded border-2 border-primary"
            style={{ left: `${left}%`, width: `${Math.max(1, at(new Date(own ?? kept)) - left)}%` }}
          />
        </div>
        <p className="text-sm">
          {road.notBefore && `${t('phases.earliest')}: `}
          {road.beyondAtOwnPace && t('phases.roadBeyond', { kept: day(kept) })}
          {own && t('phases.road', { kept: day(kept), own: day(own) })}
          {!road.beyondAtOwnPace && !own && day(kept)}
        </p>
      </div>
    </li>
  )
}

function PhaseLine({ phase: p, at }: { phase: Phase; at: (instant: Date) => number }) {
  const { t } = useTranslation()
  const format = useFormat()
  const left = p.from ? at(new Date(p.from)) : 0
  const width = p.from && p.to ? Math.max(1, at(new Date(p.to)) - left) : 0
  return (
    <li className="border-b border-base-300 py-2 md:flex md:items-center">
      <div className="md:w-64 md:shrink-0 md:pr-3">
        <p className="font-semibold">{t(`phase.${p.phase}`)}</p>
        <p className="quiet text-sm">
          {p.jobsLeft === 0
            ? t('phases.done', { time: hours(p.minutesDone) })
            : t('phases.left', { time: hours(p.minutesLeft) })}
          {p.undated > 0 && ` · ${t('phases.undated', { count: p.undated })}`}
          {!!p.toBuyMinor && ` · ${t('phases.toBuy', { money: format.roughly(p.toBuyMinor, format.currency) })}`}
          {p.unvalued > 0 && ` · ${t('phases.unpriced', { count: p.unvalued })}`}
        </p>
      </div>
      <div className="grow">
        {p.from && p.to && p.last && (
          <>
            <div className="relative h-3 rounded bg-base-200" aria-hidden="true">
              <div
                className="absolute inset-y-0 rounded bg-primary"
                style={{ left: `${Math.min(99, left)}%`, width: `${Math.min(width, 100 - left)}%` }}
              />
            </div>
            <p className="text-sm">
              {t('phases.range', { from: format.dayOfMonth(p.from), to: format.dayOfMonth(p.to), last: p.last.title })}
            </p>
          </>
        )}
      </div>
    </li>
  )
}
