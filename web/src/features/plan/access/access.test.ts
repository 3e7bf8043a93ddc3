import { expect, it } from 'vitest'
import { bundles, type Access } from './access'

const way = (id: string, minutes: number, needs: string[] = []) =>
  ({ id, name: id, needs, stripMinutes: minutes, refitMinutes: 0 }) as unknown as Access['ways'][number]
const opening = (wayIn: string, jobs: string[], direct: string[] = jobs) =>
  ({ stay: wayIn + jobs.join(''), wayIn, jobs, direct }) as unknown as Access['openings'][number]

const access = {
  ways: [way('stands', 40), way('shaft', 75, ['stands']), way('gearbox', 390, ['shaft']), way('seats', 40)],
  openings: [
    opening('stands', ['a', 'b'], ['b']),
    opening('shaft', ['a'], []),
    opening('gearbox', ['a']),
    opening('stands', ['c'], []),
    opening('seats', ['d']),
  ],
} as unknown as Access

it('shows what jobs ask for, inside what it lies in, the biggest first', () => {
  const found = bundles(access, () => false)
  expect(found.map((b) => b.opening.stay)).toEqual(['gearboxa', 'standsab', 'seatsd'])
  expect(found[0]!.around.map((o) => o.stay)).toEqual(['standsab', 'shafta'])
  expect(found[0]!.minutes).toBe(505)
})

it('leaves out what is done and was never opened here', () => {
  expect(bundles(access, (j) => j === 'd').map((b) => b.opening.stay)).toEqual(['gearboxa', 'standsab'])
})
