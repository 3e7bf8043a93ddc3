import { expect, it } from 'vitest'
import { cells, type Point } from './readings'

const point = (spot: string, last = true): Point => ({
  id: spot,
  limitId: 'paint-thickness',
  place: 'bonnet',
  spot,
  value: 120,
  unit: 'MICROMETRE',
  readOn: '2026-03-01',
  note: '',
  measurer: 'Ines',
  last,
})

it('lays a panel out by row and column, the last reading at each point', () => {
  expect(cells([point('1,1'), point('1,2', false), point('2,1')])).toEqual([
    { row: 1, column: 1, point: point('1,1') },
    { row: 2, column: 1, point: point('2,1') },
  ])
  expect(cells([point('1,1'), point('edge')])).toBeUndefined()
  expect(cells([])).toBeUndefined()
})
