import type { Schemas } from '@/api/client'
import { columnsOf, type Picks } from '@/ui/list/columnPicks'

export type BankColumns = Schemas['BankColumnsOfList']
export type BankMeaning = keyof BankColumns

export const bankMeanings = ['day', 'amount', 'paidOut', 'paidIn', 'payee', 'purpose'] as const

/** Undefined while it is not said where the day, the amount, and to whom or what for stand. */
export function bankColumns(picks: Picks<BankMeaning>): BankColumns | undefined {
  const at = columnsOf(picks)
  const inOne = at.amount !== undefined
  const inTwo = at.paidOut !== undefined || at.paidIn !== undefined
  const said = at.payee !== undefined || at.purpose !== undefined
  return at.day === undefined || inOne === inTwo || !said ? undefined : (at as BankColumns)
}
