import { millisecondsInDay } from 'date-fns/constants'
import type { Schemas } from '@/api/client'

export type Plan = Schemas['PlanResponse']
export type Activity = Plan['activities'][number]
/** A piece of work that an activity is a step of. */
export type Piece = { id: string; title: string }

export type LaneName = 'open' | 'car' | 'place' | 'away' | 'waiting' | 'fixed'
/** @property title of a place that a person named */
export type Lane = { key: string; name: LaneName; title?: string; bars: Bar[] }
export type Bar = {
  key: string
  title: string
  kind: Activity['subject']['kind']
  from: number
  to: number
  /** Of a piece of work that stands for its steps. */
  piece?: { id: string; steps: number }
  /** What a press shows. */
  activity: Activity
}

const laneOf: Record<Activity['subject']['kind'], LaneName> = {
  JOB: 'car',
  TRIAL: 'car',
  STRIP: 'car',
  REFIT: 'car',
  ORDER: 'waiting',
  ARRIVED: 'waiting',
  NEED: 'waiting',
  SENT_OUT: 'away',
  APPOINTMENT: 'fixed',
  PLACE: 'car',
  DAYLIGHT: 'car',
  FIRE_WATCH: 'car',
  NOISE: 'car',
  HIRED: 'car',
  WARMTH: 'car',
  LONG_SESSION: 'car',
  HELPER: 'car',
}

/**
 * Steps of one piece of work as one bar, from the first to the last; the steps of those that are open stand below.
 *
 * @param open pieces of work whose steps are shown
 */
export function inPieces(lane: Lane, pieceOf: (activity: Activity) => Piece, open: Set<string>): Lane {
  if (lane.name !== 'car' && lane.name !== 'place') return lane
  const jobs = lane.bars.filter((b) => b.kind === 'JOB')
  const ids = [...new Set(jobs.map((b) => pieceOf(b.activity).id))]
  const bars = ids.flatMap((id) => {
    const steps = jobs.filter((b) => pieceOf(b.activity).id === id)
    if (steps.length === 1) return steps
    const piece: Bar = {
      ...steps[0]!,
      key: `piece:${id}`,
      title: pieceOf(steps[0]!.activity).title,
      from: Math.min(...steps.map((b) => b.from)),
      to: Math.max(...steps.map((b) => b.to)),
      piece: { id, steps: steps.length },
    }
    return open.has(id) ? [piece, ...steps] : [piece]
  })
  return {
    ...lane,
    bars: [...bars, ...lane.bars.filter((b) => b.kind !== 'JOB')].sort((a, b) => a.from - b.from || b.to - a.to),
  }
}

/** Bars by where the work happens; above them what stands open meanwhile. */
export function lanesOf(plan: Plan): Lane[] {
  const bars = plan.activities.map((activity) => ({
    key: activity.key,
    title: activity.subject.title,
    kind: activity.subject.kind,
    from: Date.parse(activity.start),
    // of work the work, not the drying after it; of a part the whole wait
    to: Date.parse(activity.stretches.at(-1)?.to ?? activity.end),
    activity,
  }))
  const first = Math.min(...bars.map((b) => b.from))
  for (const b of bars) if (b.kind === 'ORDER') b.from = first // it is on its way already
  const elsewhere = bars.filter((b) => !b.activity.place)
  const named = (name: LaneName): Lane => ({ key: name, name, bars: elsewhere.filter((b) => laneOf[b.kind] === name) })
  return [
    named('fixed'),
    ...places(bars),
    named('car'),
    { key: 'open', name: 'open' as const, bars: stripDowns(bars) },
    named('away'),
    named('waiting'),
  ]
    .map((lane) => ({ ...lane, bars: lane.bars.sort((a, b) => a.from - b.from || b.to - a.to) }))
    .filter((lane) => lane.bars.length > 0)
}

/** A lane for each place in which some job has to be done. */
function places(bars: Bar[]): Lane[] {
  const all = new Map(bars.flatMap((b) => (b.activity.place ? [[b.activity.place.id, b.activity.place.title]] : [])))
  return [...all]
    .sort(([, a], [, b]) => a.localeCompare(b))
    .map(([id, title]) => ({
      key: id,
      name: 'place' as const,
      title,
      bars: bars.filter((b) => b.activity.place?.id === id),
    }))
}

/** A part that has a week and more until it must be ordered keeps nobody from anything. */
export const hasTime = (bar: Bar) =>
  bar.kind === 'NEED' &&
  bar.activity.latestStart !== undefined &&
  Date.parse(bar.activity.latestStart) - bar.from >= 7 * millisecondsInDay

/** From its opening to its closing each access stands open; one that is open already does so from the start. */
function stripDowns(bars: Bar[]): Bar[] {
  const first = Math.min(...bars.map((b) => b.from))
  return bars
    .filter((b) => b.kind === 'REFIT')
    .map((closing) => {
      const stripDown = bars.find((b) => b.kind === 'STRIP' && b.activity.subject.id === closing.activity.subject.id)
      return {
        ...closing,
        key: `open:${closing.activity.subject.id}`,
        title: closing.activity.subject.access ?? closing.title,
        from: stripDown?.from ?? first, // what is open already has only its refit left in the plan
      }
    })
}
