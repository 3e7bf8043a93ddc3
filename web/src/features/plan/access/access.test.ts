import { expect, it } from 'vitest'
import { shown, type VehicleAccess } from './access'

const stripDown = (access: string, minutes: number, direct: string[], more: object = {}) =>
  ({
    stripDown: access,
    access,
    minutes,
    jobs: ['a'],
    direct,
    ...more,
  }) as unknown as VehicleAccess['stripDowns'][number]

const vehicleAccess = {
  stripDowns: [
    stripDown('seats', 42, ['a']),
    stripDown('shaft', 75, []),
    stripDown('gearbox', 505, ['a']),
    stripDown('coolant', 69, ['a'], { openedOn: '2026-03-01', closedOn: '2026-03-02' }),
  ],
} as unknown as VehicleAccess

it('shows what jobs ask for, the biggest first and what is closed last', () =>
  expect(shown(vehicleAccess, () => false).map((o) => o.stripDown)).toEqual(['gearbox', 'seats', 'coolant']))

it('leaves out what is done and was never opened here', () =>
  expect(shown(vehicleAccess, () => true).map((o) => o.stripDown)).toEqual(['coolant']))
