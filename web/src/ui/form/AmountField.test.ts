import { expect, it } from 'vitest'
import { amountOf, basisPoints } from './AmountField'

it('reads amounts and shares as people type them', () => {
  expect(amountOf('', 'EUR')).toBe(0)
  expect(amountOf('1.850,00', 'EUR')).toBe(185000)
  expect(amountOf('much', 'EUR')).toBeUndefined()
  expect(basisPoints('7,5')).toBe(750)
  expect(basisPoints('')).toBe(0)
  expect(basisPoints('100')).toBe(10000)
  expect(basisPoints('100.1')).toBeUndefined()
  expect(basisPoints('-1')).toBeUndefined()
  expect(basisPoints('half')).toBeUndefined()
})
