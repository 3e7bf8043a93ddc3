import { expect, it } from 'vitest'
import enUS from '@language/en-US.json'
import { sayer } from './saying'

it.each([
  ['Tyres and wheels', 'Tires and wheels'],
  ['Boot lid, bonnet and left sill', 'Trunk lid, hood and left rocker panel'],
  ['Gaiter torn: renew the gaiter', 'Boot torn: renew the boot'],
  ['{{litres}} l of petrol', '{{litres}} l of gas'],
  ['A bootlace and a wingspan', 'A bootlace and a wingspan'],
  ['Set the tracking', 'Align the wheels'],
  ['An earth, a sump and a UJ', 'A ground, an oil pan and a U-joint'],
])('an American says %s as %s', (british, expected) => {
  expect(sayer(enUS)(british)).toBe(expected)
})

it('says a whole text as the file has it', () => {
  const loud = sayer({ terms: { sill: 'SILL' }, sentences: { 'A sill': 'Schweller' } })
  expect(loud('A sill')).toBe('Schweller')
  expect(loud('Left sill')).toBe('Left SILL')
})
