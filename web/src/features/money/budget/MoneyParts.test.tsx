import { screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { MoneyAnswer } from './MoneyParts'
import type { Money } from './moneyQueries'

const money = (more: object) =>
  ({
    currency: 'EUR',
    position: { budget: 450_000, spent: 3_000, orderedNotPaid: 0, toOrder: 0 },
    outlook: { low: 3_000, likely: 3_000, high: 3_000, unpriced: 0, unestimated: 0, guess: false },
    month: { allowance: 0, spent: 0, due: 0 },
    willHaveCost: 3_000,
    left: 447_000,
    overBasisPoints: 0,
    leftThisMonth: 0,
    ...more,
  }) as unknown as Money
const said = (more: object) => {
  show(
    <h1>
      <MoneyAnswer money={money(more)} />
    </h1>,
  )
  return screen.getByRole('heading').textContent
}

it('says to the cent what is known to the cent, and no overrun where no budget is set', () => {
  expect(said({})).toMatch(/^Expected final cost €30.00 of €4,500.00: €4,470.00 left. $/)
})

it('names no overrun where no budget is set', () => {
  expect(said({ position: { ...money({}).position, budget: 0 } })).toContain('No budget is set.')
})

it('says a range, rounded as guesses are, and how many prices are missing', () => {
  const outlook = { low: 123_456, likely: 345_678, high: 812_345, unpriced: 12, unestimated: 2, guess: true }
  expect(said({ outlook })).toBe(
    'Expected final cost about €3,450, somewhere from €1,250 to €8,100; 12 prices are missing, and 2 findings have no estimate. That leaves €1,050 of the budget. ',
  )
})

it('makes up no figure where nobody put one to anything', () => {
  const outlook = { low: 3_000, likely: 3_000, high: 3_000, unpriced: 48, unestimated: 17, guess: true }
  expect(said({ outlook })).toBe(
    'Sure so far: €30.00. Nobody put a figure to the rest: 48 prices are missing, and 17 findings have no estimate. The budget is €4,500.00. ',
  )
})

it('says a guess that is one figure', () => {
  const outlook = { low: 50_000, likely: 50_000, high: 50_000, unpriced: 1, unestimated: 0, guess: true }
  expect(said({ outlook })).toContain('about €500, somewhere from €500 to €500; one price is missing')
})
