import { expect, it } from 'vitest'
import { emptyDays, instantAt, makeAxis, rows, xOf } from './axis'

const at = (text: string) => Date.parse(text)
// by hand: Tuesday and Thursday 18-20, then nothing until the Thursday after next
const workSessions = [
  { from: '2026-03-03T18:00:00Z', to: '2026-03-03T20:00:00Z' },
  { from: '2026-03-05T18:00:00Z', to: '2026-03-05T20:00:00Z' },
  { from: '2026-03-19T18:00:00Z', to: '2026-03-19T20:00:00Z' },
]
const axis = makeAxis(workSessions, at('2026-03-03T17:00:00Z'), at('2026-03-20T00:00:00Z'), 20)

it('shows evenings as wide as they are long, and says how long nobody is there', () => {
  expect(axis.stretches.map((s) => s.kind)).toEqual([
    'gap',
    'workSession',
    'gap',
    'workSession',
    'gap',
    'workSession',
    'gap',
  ])
  expect(axis.stretches[1]!.width).toBe(40)
  expect(axis.stretches.map(emptyDays)).toEqual([0, 0, 0, 0, 13, 0, 0])
  expect(axis.stretches[4]!.width).toBeGreaterThan(axis.stretches[2]!.width)
})

it('finds the place of an instant and the instant of a place', () => {
  const middle = at('2026-03-05T19:00:00Z')
  const workSession = axis.stretches[3]!
  expect(xOf(axis, middle)).toBe(workSession.x + 20)
  expect(instantAt(axis, workSession.x + 20)).toBe(middle)
  expect(xOf(axis, at('2027-01-01T00:00:00Z'))).toBe(axis.width)
  expect(xOf(axis, at('2026-01-01T00:00:00Z'))).toBe(0)
})

it('begins in the middle of an evening', () => {
  const late = makeAxis(workSessions, at('2026-03-03T19:00:00Z'), at('2026-03-04T00:00:00Z'), 20)
  expect(late.stretches[0]).toMatchObject({ kind: 'workSession', width: 20 })
})

it('puts bars that overlap into rows of their own', () => {
  expect(
    rows([
      { x: 0, width: 10 },
      { x: 5, width: 10 },
      { x: 10, width: 4 },
      { x: 14, width: 2 },
    ]),
  ).toEqual([0, 1, 0, 0])
})

it('has nothing to show without time', () => {
  expect(makeAxis([], 5, 5, 20)).toMatchObject({ stretches: [], width: 0 })
  expect(xOf(makeAxis([], 5, 5, 20), 7)).toBe(0)
})
