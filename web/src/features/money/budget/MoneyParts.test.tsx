import { screen, waitFor } from '@testing-library/react'
import { expect, it } from 'vitest'
import { server } from '@/test/server'
import { show } from '@/test/page'
import { MoneyAnswer } from './MoneyParts'
import type { Money } from './moneyQueries'

const money = (more: object) =>
  ({
    currency: 'EUR',
    position: { budget: 450_000, spent: 3_000, orderedNotPaid: 0, toOrder: 0, agreed: 0 },
    month: { allowance: 0, spent: 0, due: 0 },
    willHaveCost: 3_000,
    left: 447_000,
    overBasisPoints: 0,
    leftThisMonth: 0,
    ...more,
  }) as unknown as Money
const sure = { oneMinor: 3_000, fiveMinor: 3_000, eightMinor: 3_000, nineMinor: 3_000 }
const known = {
  currency: 'EUR',
  lowMinor: 3_000,
  likelyMinor: 3_000,
  expectedMinor: 3_000,
  highMinor: 3_000,
  guess: false,
  unpriced: 0,
  unestimated: 0,
  inTen: sure,
}
const said = (more: object, forecast: object = {}) => {
  show(
    <h1>
      <MoneyAnswer money={money(more)} forecast={{ ...known, ...forecast } as never} />
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
  const inTen = { oneMinor: 223_456, fiveMinor: 340_000, eightMinor: 512_345, nineMinor: 612_345 }
  const range = { lowMinor: 123_456, expectedMinor: 345_678, highMinor: 812_345, unpriced: 12, unestimated: 2 }
  expect(said({}, { ...range, guess: true, inTen })).toBe(
    'Expected final cost about €3,450, 8 in 10 under €5,100; 12 prices are missing, and 2 findings have no estimate. That leaves €1,050 of the budget. In one of ten cases it stays under €2,250, in one it goes over €6,100.',
  )
})

it('makes up no figure where nobody put one to anything', () => {
  expect(said({}, { unpriced: 48, unestimated: 17, guess: true })).toBe(
    'Sure so far: €30.00. Nobody put a figure to the rest: 48 prices are missing, and 17 findings have no estimate. The budget is €4,500.00. ',
  )
})

it('asks for the price level where nothing can be estimated without it, and only there', async () => {
  server.when('GET /api/garage', { baseCurrency: 'EUR' })
  said({}, { unpriced: 48, unestimated: 17, guess: true })
  expect(await screen.findByRole('link', { name: 'Garage' })).toHaveAttribute('href', '/garage')
  expect(screen.getByRole('heading')).toHaveTextContent('each finding has its estimate')
})

it('asks nobody who has said it', async () => {
  server.when('GET /api/garage', { baseCurrency: 'EUR', workshopHourMinor: 6_800 })
  said({}, { unpriced: 48, unestimated: 1, guess: true })
  await waitFor(() => expect(server.sent.some((s) => s.path === '/api/garage')).toBe(true))
  expect(screen.queryByRole('link', { name: 'Garage' })).toBeNull()
})
