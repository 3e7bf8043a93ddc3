import { expect, it } from 'vitest'
import { bankColumns } from './bankColumns'

it('asks for a day, an amount in one column or two, and a name', () => {
  expect(bankColumns(['day', 'payee', 'amount'])).toEqual({ day: 0, payee: 1, amount: 2 })
  expect(bankColumns(['day', 'purpose', 'paidOut', 'paidIn'])).toBeDefined()
  expect(bankColumns(['day', 'amount', undefined])).toBeUndefined()
  expect(bankColumns(['payee', 'amount'])).toBeUndefined()
  expect(bankColumns(['day', 'payee', 'amount', 'paidOut'])).toBeUndefined()
})
