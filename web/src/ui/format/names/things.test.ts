import { expect, test } from 'vitest'
import { kindsOf, placeOf, type Thing } from './things'

const thing = (id: string, kinds: Thing['kinds'], symptom = false): Thing => ({
  id,
  name: id,
  system: 'STRUCTURE',
  places: ['sill'],
  kinds,
  symptom,
})
const all: Thing['kinds'] = ['RUST_THROUGH', 'LEAK', 'DEAD_ELECTRICAL', 'DOUBT', 'SYMPTOM']
const sill = thing('sill-outer', ['RUST_THROUGH', 'DOUBT'])
const wet = thing('water-inside', ['SYMPTOM'], true)

test('offers only what the thing, or what is at the place, can have', () => {
  expect(kindsOf(sill, [sill, wet], all)).toEqual(['RUST_THROUGH', 'DOUBT'])
  expect(kindsOf(wet, [sill, wet], all)).toEqual(['SYMPTOM'])
  expect(kindsOf(undefined, [sill, wet], all)).toEqual(['RUST_THROUGH', 'DOUBT'])
  expect(kindsOf(undefined, [], all)).not.toContain('SYMPTOM')
})

test('a place is the same on either side', () => {
  expect(placeOf('rear-spring-left')).toBe('rear-spring')
  expect(placeOf('right-hand-thing')).toBe('right-hand-thing')
})
