import { expect, it } from 'vitest'
import { american } from './american'

it.each([
  ['Tyres and wheels', 'Tires and wheels'],
  ['Boot lid, bonnet and left sill', 'Trunk lid, hood and left rocker panel'],
  ['Gaiter torn: renew the gaiter', 'Boot torn: renew the boot'],
  ['{{litres}} l of petrol', '{{litres}} l of gas'],
  ['A bootlace and a wingspan', 'A bootlace and a wingspan'],
  ['Set the tracking', 'Align the wheels'],
])('says %s as %s', (british, expected) => {
  expect(american(british)).toBe(expected)
})
