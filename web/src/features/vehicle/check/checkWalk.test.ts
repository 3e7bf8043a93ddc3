import { describe, expect, it } from 'vitest'
import { nextUnanswered, restHere, type Step, type Walk } from './checkWalk'

const step = (checkId: string, place: string, seen?: Step['seen']): Step => ({
  checkId,
  place,
  zone: place,
  cautions: [],
  also: [],
  ifBad: 'B',
  ...(seen ? { seen } : {}),
})

describe('nextUnanswered', () => {
  const steps = [step('a', 'x'), step('b', 'x', 'GOOD'), step('c', 'y'), step('d', 'y', 'BAD')]
  it('goes on from where one stands, then from the beginning', () => {
    expect(nextUnanswered(steps, -1)).toBe(0)
    expect(nextUnanswered(steps, 0)).toBe(2)
    expect(nextUnanswered(steps, 2)).toBe(0)
  })
  it('says when nothing is left', () => {
    expect(nextUnanswered([step('a', 'x', 'GOOD')], 0)).toBe(-1)
  })
})

it('takes for good only what this way of looking settles', () => {
  const checks = [
    { id: 'a', settledBy: ['WALKED_ROUND', 'ON_STANDS', 'OPENED'] },
    { id: 'b', settledBy: ['OPENED'] },
    { id: 'c', settledBy: ['ON_STANDS', 'OPENED'] },
  ]
  const steps = [step('a', 'x'), step('b', 'x'), step('c', 'x'), step('a', 'y')]
  const walk = { checks, steps } as unknown as Walk
  expect(restHere(walk, steps[0]!, 'ON_STANDS').map((s) => s.checkId)).toEqual(['c'])
  expect(restHere(walk, steps[2]!, 'OPENED').map((s) => s.checkId)).toEqual(['a', 'b'])
})
