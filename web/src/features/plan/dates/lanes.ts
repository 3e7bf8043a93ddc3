import type { Schemas } from '@/api/client'

export type Plan = Schemas['PlanResponse']
export type Activity = Plan['activities'][number]
export type LaneName = 'open' | 'car' | 'away' | 'waiting' | 'fixed'
export type Bar = {
  key: string
  title: string
  kind: Activity['subject']['kind']
  from: number
  to: number
  /** What a press shows. */
  activity: Activity
}

const laneOf: Record<Activity['subject']['kind'], LaneName> = {
  JOB: 'car',
  STRIP: 'car',
  REFIT: 'car',
  ORDER: 'waiting',
  ARRIVED: 'waiting',
  NEED: 'waiting',
  SEND_OUT: 'away',
  APPOINTMENT: 'fixed',
}

/** Bars by where the work happens; above them what stands open meanwhile. */
export function lanesOf(plan: Plan): { name: LaneName; bars: Bar[] }[] {
  const bars = plan.activities.map((activity) => ({
    key: activity.key,
    title: activity.subject.title,
    kind: activity.subject.kind,
    from: Date.parse(activity.start),
    // of work the work, not the drying after it; of a part the whole wait
    to: Date.parse(activity.stays.at(-1)?.to ?? activity.end),
    activity,
  }))
  const first = Math.min(...bars.map((b) => b.from))
  for (const b of bars) if (b.kind === 'ORDER') b.from = first // it is on its way already
  const names: LaneName[] = ['fixed', 'car', 'open', 'away', 'waiting']
  return names
    .map((name) => ({
      name,
      bars: (name === 'open' ? openings(bars) : bars.filter((b) => laneOf[b.kind] === name)).sort(
        (a, b) => a.from - b.from || b.to - a.to,
      ),
    }))
    .filter((lane) => lane.bars.length > 0)
}

const DAY = 86_400_000

/** A part that has a week and more until it must be ordered keeps nobody from anything. */
export const hasTime = (bar: Bar) =>
  bar.kind === 'NEED' &&
  bar.activity.latestStart !== undefined &&
  Date.parse(bar.activity.latestStart) - bar.from >= 7 * DAY

/** From its opening to its closing each way in stands open; one that is open already does so from the start. */
function openings(bars: Bar[]): Bar[] {
  const first = Math.min(...bars.map((b) => b.from))
  return bars
    .filter((b) => b.kind === 'REFIT')
    .map((closing) => {
      const opening = bars.find((b) => b.kind === 'STRIP' && b.activity.subject.id === closing.activity.subject.id)
      return { ...closing, key: `open:${closing.activity.subject.id}`, from: opening?.from ?? first }
    })
}
