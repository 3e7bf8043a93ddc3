import { expect, it } from 'vitest'
import { shown, type Access } from './access'

const opening = (wayIn: string, minutes: number, direct: string[], more: object = {}) =>
  ({ stay: wayIn, wayIn, minutes, jobs: ['a'], direct, ...more }) as unknown as Access['openings'][number]

const access = {
  openings: [
    opening('seats', 42, ['a']),
    opening('shaft', 75, []),
    opening('gearbox', 505, ['a']),
    opening('coolant', 69, ['a'], { openedOn: '2026-03-01', closedOn: '2026-03-02' }),
  ],
} as unknown as Access

it('shows what jobs ask for, the biggest first and what is closed last', () =>
  expect(shown(access, () => false).map((o) => o.stay)).toEqual(['gearbox', 'seats', 'coolant']))

it('leaves out what is done and was never opened here', () =>
  expect(shown(access, () => true).map((o) => o.stay)).toEqual(['coolant']))
