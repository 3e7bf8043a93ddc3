/** A spot of rust in a square of 100 × 100. */
export type Spot = { x: number; y: number; r: number }

/** How big a spot may get: few small ones look like little rust, many big ones like much. */
const largest = (percent: number) => 2 * percent ** 0.4

/** Spots that cover a share of the square, the same every time: a fixed sequence spreads them, and none overlap. */
export function rustSpots(percent: number): Spot[] {
  const spots: Spot[] = []
  let covered = 0
  for (let i = 1; covered < percent * 100 && i < 4000; i++) {
    const r = largest(percent) * (0.45 + 0.55 * spread(i, 5))
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
