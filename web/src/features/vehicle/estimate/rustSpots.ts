/** A spot of rust in a square of 100 × 100. */
export type Spot = { x: number; y: number; r: number }

/** The share of the area that each degree stands for, in percent (ISO 4628-3:2016, table 1, recalled and not compared). */
export const rustedPercent = { RI_0: 0, RI_1: 0.05, RI_2: 0.5, RI_3: 1, RI_4: 8, RI_5: 40 } as const

/** How big a spot may get: few small ones look like little rust, many big ones like much. */
const largest = { RI_0: 0, RI_1: 0.9, RI_2: 1.4, RI_3: 1.7, RI_4: 4.5, RI_5: 9 } as const

/** Spots that cover the share of a degree, the same every time: a fixed sequence spreads them, overlaps do not count twice. */
export function rustSpots(grade: keyof typeof rustedPercent): Spot[] {
  const spots: Spot[] = []
  let covered = 0
  for (let i = 1; covered < rustedPercent[grade] * 100 && i < 4000; i++) {
    const r = largest[grade] * (0.45 + 0.55 * spread(i, 5))
    const spot = { x: r + (100 - 2 * r) * spread(i, 2), y: r + (100 - 2 * r) * spread(i, 3), r }
    if (spots.some((s) => Math.hypot(s.x - spot.x, s.y - spot.y) < s.r + spot.r)) continue
    spots.push(spot)
    covered += Math.PI * r * r
  }
  return spots
}

/** The i-th number of van der Corput's sequence in the given base: fills 0 to 1 evenly (Halton, Numer. Math. 2, 1960, from memory). */
function spread(i: number, base: number): number {
  let value = 0
  for (let share = 1 / base, n = i; n > 0; n = Math.floor(n / base), share /= base) value += share * (n % base)
  return value
}
