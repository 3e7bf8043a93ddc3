import { millisecondsInDay, millisecondsInHour } from 'date-fns/constants'
import { scaleLinear, type ScaleLinear } from 'd3-scale'

/** A stretch of the time axis: an evening in the garage, or the time until the next one. In pixels and milliseconds. */
export type Stretch = { kind: 'workSession' | 'gap'; from: number; to: number; x: number; width: number }
/** @param scale from instants to pixels, straight within each stretch */
export type Axis = { stretches: Stretch[]; width: number; scale: ScaleLinear<number, number> }

/** Shorter times without anybody are a line between two evenings. */
const LABELLED_DAYS = 3
const LONGEST_GAP_PX = 90

/**
 * The person's own evenings side by side, as wide as they are long. What lies between is narrow, and the wider the longer, so that a long wait
 * stays visible without pushing the evenings apart.
 *
 * @param perHour pixels for an hour in the garage
 */
export function makeAxis(windows: { from: string; to: string }[], from: number, to: number, perHour: number): Axis {
  const stretches: Stretch[] = []
  let x = 0
  let at = from
  const add = (kind: Stretch['kind'], until: number, width: number) => {
    if (until <= at) return
    stretches.push({ kind, from: at, to: until, x, width })
    x += width
    at = until
  }
  for (const w of windows) {
    const begins = Math.max(at, Date.parse(w.from))
    const ends = Date.parse(w.to)
    if (ends <= at || begins > to) continue
    add('gap', begins, gapWidth(begins - at))
    add('workSession', ends, Math.max(3, ((ends - begins) / millisecondsInHour) * perHour))
  }
  add('gap', to, gapWidth(to - at))
  if (stretches.length === 0) return { stretches, width: 0, scale: scaleLinear([0, 1], [0, 0]) }
  const ends = [{ at: from, x: 0 }, ...stretches.map((s) => ({ at: s.to, x: s.x + s.width }))]
  const scale = scaleLinear(
    ends.map((e) => e.at),
    ends.map((e) => e.x),
  ).clamp(true)
  return { stretches, width: x, scale }
}

const gapWidth = (ms: number) =>
  ms < LABELLED_DAYS * millisecondsInDay ? 3 : Math.min(LONGEST_GAP_PX, 26 + (ms / millisecondsInDay) * 1.5)

/** Whole days without time, where they are worth a word. */
export const emptyDays = (s: Stretch) =>
  s.kind === 'gap' && s.to - s.from >= LABELLED_DAYS * millisecondsInDay
    ? Math.floor((s.to - s.from) / millisecondsInDay)
    : 0

export const xOf = (axis: Axis, instant: number): number => axis.scale(instant)

export const instantAt = (axis: Axis, x: number): number => axis.scale.invert(x)

/** The row of each bar, so that none covers another; as few rows as there are bars at once. */
export function rows(bars: { x: number; width: number }[]): number[] {
  const ends: number[] = []
  return bars.map((bar) => {
    const free = ends.findIndex((end) => end <= bar.x + 0.5)
    const row = free < 0 ? ends.length : free
    ends[row] = bar.x + bar.width
    return row
  })
}
