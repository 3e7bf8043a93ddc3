import { expect, it } from 'vitest'
import { rustSpots } from './rustSpots'

it.each([0, 0.05, 0.5, 1, 8, 40])('draws a square that is rusted by %s %', (percent) => {
  const spots = rustSpots(percent)
  const share = spots.reduce((sum, s) => sum + Math.PI * s.r * s.r, 0) / 100
  // one spot more or less is all that may be missing
  const oneSpot = Math.max(0, ...spots.map((s) => (Math.PI * s.r * s.r) / 100))
  expect(Math.abs(share - percent)).toBeLessThanOrEqual(oneSpot)
  expect(spots).toEqual(rustSpots(percent))
  for (const s of spots) {
    expect(s.x - s.r).toBeGreaterThanOrEqual(0)
    expect(s.y + s.r).toBeLessThanOrEqual(100)
  }
})
