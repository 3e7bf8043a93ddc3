import { expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { needPlaces } from './needPlaces'

const need = (id: string, more: Partial<Schemas['Need']>) =>
  ({ id, state: 'NEEDED', side: 'NONE', ...more }) as Schemas['Need']
const zone = (id: string, side: Schemas['Zone']['side']) => ({ id, side }) as Schemas['Zone']
const zones = [zone('bonnet', 'NONE'), zone('front-brakes-left', 'LEFT'), zone('front-brakes-right', 'RIGHT')]
const things = [
  { id: 'disc', places: ['front-brakes'] },
  { id: 'hinge', places: ['bonnet', 'front-brakes'] },
] as Schemas['ComponentResponse'][]

const placed = (...needs: Schemas['Need'][]) =>
  [...needPlaces(needs, [{ id: 'paint', zone: 'bonnet' }], things, zones)].map(([zone, there]) => [
    zone,
    there.map((n) => n.id),
  ])

it('goes where its job is done, and without one where such a thing is, on its side', () => {
  expect(placed(need('a', { jobId: 'paint', item: 'disc' }), need('b', { item: 'disc', side: 'RIGHT' }))).toEqual([
    ['bonnet', ['a']],
    ['front-brakes-right', ['b']],
  ])
})

it('says no place where there could be two, or none', () => {
  expect(placed(need('a', { item: 'hinge', side: 'LEFT' }), need('b', { item: 'disc' }), need('c', {}))).toEqual([
    ['', ['a', 'b', 'c']],
  ])
})

it('leaves out what is on the vehicle or not needed after all', () => {
  expect(placed(need('a', { jobId: 'paint', state: 'FITTED' }), need('b', { state: 'LEFT_OUT' }))).toEqual([])
})
