import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { KeepPage } from './KeepPage'
import type { Keeping, WaysOn } from './queries'

const span = (low: number, likely: number, high: number) => ({
  lowMinor: low * 100,
  likelyMinor: likely * 100,
  highMinor: high * 100,
})
const result = (minor: number, perHourMinor?: number) => ({
  minor,
  minutes: 94 * 60,
  ifPaidMinor: minor - 188_000,
  ...(perHourMinor !== undefined && { perHourMinor }),
})
const keeping = (more: Partial<Keeping>): Keeping => ({
  currency: 'EUR',
  said: { sellingShare: 0, sellingMinor: 0, hourMinor: 0, km: 0, version: 0 },
  reason: '',
  spentMinor: 357_400,
  toCome: span(1000, 1500, 2600),
  unestimated: 0,
  minutesToCome: 600,
  runningPerMonthMinor: 4_500,
  gone: false,
  sellable: true,
  drafts: 0,
  orderedNotPaidMinor: 0,
  result: result(-357_400),
  tally: { from: '2026-01-05', to: '2026-11-30', netMinor: 357_400, perMonthMinor: 33_000 },
  ...more,
})
const ways = (more: Partial<WaysOn>): WaysOn => ({
  verdict: 'OPEN',
  worthNow: span(1800, 2000, 2400),
  worthFinished: span(4000, 5000, 6000),
  sellNow: span(1800, 2000, 2400),
  finishAndSell: span(1400, 3500, 5000),
  gain: span(-400, 1500, 2600),
  worthFinishingFromMinor: 350_000,
  breakEvenMinor: 507_400,
  soldNow: result(-157_400, -1_674),
  finished: result(-7_400, -71),
  ...more,
})

function open(k: Keeping) {
  server.when('GET /api/projects/car/keeping', k)
  show(<KeepPage />)
}

it('says on which side the money is, how far it can go wrong, and lays the ways beside each other', async () => {
  open(keeping({ waysOn: ways({}), unestimated: 2 }))
  expect(await screen.findByText(/It can go either way/)).toHaveTextContent(/€1,500.*better off.*€400 worse off/)
  expect(screen.getByText(/Of 2 findings nobody knows what they cost/)).toBeInTheDocument()
  const row = screen.getByRole('row', { name: /Left to you from here on/ })
  expect(
    within(row)
      .getAllByRole('cell')
      .map((c) => c.textContent),
  ).toEqual(['€2,000€1,800 to €2,400', '€3,500€1,400 to €5,000', '-€1,500-€2,600 to -€1,000'])
})

it('names the price of what it was bought for, where the money advises against it', async () => {
  const against = ways({ verdict: 'SELL', gain: span(-900, -500, -100) })
  open(keeping({ waysOn: against, purpose: 'SENTIMENT', reason: 'My father’s' }))
  expect(await screen.findByText(/Sell it as it stands: finishing costs about/)).toHaveTextContent('€500')
  expect(screen.getByText(/You bought it for something else: Sentiment, “My father’s”/)).toBeInTheDocument()
})

it('asks for what it fetches; three figures or none, that rise', async () => {
  open(keeping({}))
  server.when('PUT /api/projects/car/keeping', {})
  await userEvent.click(await screen.findByRole('button', { name: 'Enter the figures' }))
  const [now] = screen.getAllByLabelText('Likely, in EUR')
  await userEvent.type(now!, '2000')
  await userEvent.click(screen.getByRole('button', { name: 'Save the figures' }))
  expect(await screen.findByText('Enter all three, or none.')).toBeInTheDocument()
  await userEvent.type(screen.getAllByLabelText('At least, in EUR')[0]!, '1800')
  await userEvent.type(screen.getAllByLabelText('At best, in EUR')[0]!, '1900')
  await userEvent.click(screen.getByRole('button', { name: 'Save the figures' }))
  expect(await screen.findByText('The three must rise.')).toBeInTheDocument()
  await userEvent.type(
    screen.getAllByLabelText('At best, in EUR')[0]!,
    '{Backspace}{Backspace}{Backspace}{Backspace}2400',
  )
  await userEvent.type(screen.getByLabelText('Selling takes, % of the price'), '7.5')
  await userEvent.click(screen.getByRole('button', { name: 'Save the figures' }))
  expect(server.writes('PUT /api/projects/car/keeping')[0]!.body).toEqual({
    nowLow: 180_000,
    nowLikely: 200_000,
    nowHigh: 240_000,
    sellingShare: 750,
    sellingMinor: 0,
    hourMinor: 0,
    km: 0,
    version: 0,
  })
})

it('gives the final account of a sold car to the cent, with and without paid hours', async () => {
  const said = { sellingShare: 0, sellingMinor: 0, hourMinor: 2_000, km: 0, version: 1 }
  server.when('GET /api/projects/car/totals', {
    by: 'KIND',
    groups: [
      { key: 'PURCHASE', baseMinor: 336_400 },
      { key: 'FEE', baseMinor: 21_000 },
      { key: 'SALE', baseMinor: -520_000 },
    ],
  })
  server.when('GET /api/projects/car/with-and-without', { toolsMinor: 12_400 })
  open(
    keeping({
      gone: true,
      sellable: false,
      drafts: 1,
      said,
      result: { ...result(162_600, 1_730), ifPaidMinor: -25_400 },
      tally: { from: '2026-01-05', to: '2026-11-30', netMinor: -162_600, perMonthMinor: -15_000 },
    }),
  )
  expect(await screen.findByText(/It left you/)).toHaveTextContent('€1,626.00')
  expect(screen.getByText(/94 h of work/)).toHaveTextContent('€17.30 an hour')
  expect(screen.getByText(/Had your hours been paid/)).toHaveTextContent('it would have cost you €254.00')
  expect(screen.getByText(/One receipt was never booked/)).toBeInTheDocument()
  expect(screen.getByText(/Over the time from 5 January 2026/)).toHaveTextContent('€150 a month left to you')
  expect(screen.queryByRole('button', { name: 'It is sold' })).not.toBeInTheDocument()
  expect((await screen.findAllByRole('listitem')).map((l) => l.textContent)).toEqual([
    'Sale€5,200.00',
    'Fee-€210.00',
    'Purchase-€3,364.00',
    'Left to you€1,626.00',
  ])
  expect(await screen.findByText(/Tools that stay with you cost €124.00 of it/)).toHaveTextContent('€1,750.00')
})
