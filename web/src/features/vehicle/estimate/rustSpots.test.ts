import { expect, it } from 'vitest'
import { rustedPercent, rustSpots } from './rustSpots'

it.each(Object.keys(rustedPercent) as (keyof typeof rustedPercent)[])('draws %s as much rusted as it says', (grade) => {
  const spots = rustSpots(grade)
  const share = spots.reduce((sum, s) => sum + Math.PI * s.r * s.r, 0) / 100
  // one spot more or less is all that may be missing
  const oneSpot = Math.max(0, ...spots.map((s) => (Math.PI * s.r * s.r) / 100))
  expect(Math.abs(share - rustedPercent[grade])).toBeLessThanOrEqual(oneSpot)
  expect(spots).toEqual(rustSpots(grade))
  for (const s of spots) {
    expect(s.x - s.r).toBeGreaterThanOrEqual(0)
    expect(s.y + s.r).toBeLessThanOrEqual(100)
  }
})
