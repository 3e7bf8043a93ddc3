import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, it } from 'vitest'
import { show } from '@/test/page'
import { Refusal, server } from '@/test/server'
import { MarketPage } from './MarketPage'

const need = (id: string, more: object = {}) => ({
  id,
  projectId: 'car',
  title: `Part ${id}`,
  side: 'NONE',
  quantity: 1,
  unit: 'PIECE',
  mustMatch: '',
  state: 'NEEDED',
  jobId: 'j1',
  sameAs: id,
  version: 3,
  ...more,
})
const open = () => {
  server.when('GET /api/projects/car/needs', [
    need('a', { mustMatch: 'red over amber' }),
    need('b'),
    need('e', { title: 'Primer', unit: 'ML', quantity: 100, sameAs: 'primer', jobId: 'j1' }),
    need('f', { title: 'Primer', unit: 'ML', quantity: 200, sameAs: 'primer', jobId: 'j2' }),
    need('c', { state: 'ORDERED' }),
    need('d', { state: 'HELD' }),
  ])
  server.when('GET /api/projects/car/part-searches', [
    { search: { needId: 'a', mostMinor: 4000, why: 'RARE', wayOut: 'LOOK_ON', lookedAt: '', lookedOn: '2027-01-01' } },
  ])
  show(<MarketPage />, '/p/car/parts/market', '/p/:projectId/parts/market')
}
afterEach(() => localStorage.clear())

it('lists what may be bought, with its limit and what has to agree, and nothing that is on hold or on its way', async () => {
  open()
  expect(await screen.findByText('Part a')).toBeVisible()
  expect(screen.getByText('Part b')).toBeVisible()
  expect(await screen.findByText(/up to €40/)).toBeVisible()
  expect(screen.getByText(/red over amber/)).toBeVisible()
  expect(screen.getAllByText('Primer')).toHaveLength(1)
  expect(screen.queryByText('Part c')).toBeNull()
  expect(screen.queryByText('Part d')).toBeNull()
})

it('enters what was bought once, the part and its price, and keeps what could not be entered', async () => {
  open()
  server.when('POST /api/needs/a/acceptance', {})
  server.when('POST /api/projects/car/entries', {})
  server.when('POST /api/needs/b/acceptance', new Refusal(409, { code: 'x', detail: 'Not now.' }))
  const user = userEvent.setup()
  await user.click(await screen.findByLabelText('Bought: Part a'))
  await user.click(screen.getByLabelText('red over amber'))
  await user.type(screen.getByLabelText('Paid, in EUR'), '12.50')
  await user.click(screen.getByLabelText('Bought: Part b'))
  expect(screen.getByText(/€12.50 paid so far/)).toBeVisible()
  await user.click(screen.getByRole('button', { name: 'Enter the 2 things you bought' }))
  await screen.findByText(/Not now\./)
  const sent = server.writes('POST /api/projects/car/entries')
  expect(sent).toHaveLength(1)
  expect(sent[0]!.body).toMatchObject({
    fields: { amountMinor: 1250, currency: 'EUR', splits: [{ destination: 'JOB', jobId: 'j1', baseMinor: 1250 }] },
  })
  expect(server.writes('POST /api/needs/a/acceptance')[0]!.body).toMatchObject({
    right: true,
    matched: ['red over amber'],
    version: 3,
  })
  await waitFor(() => {
    const kept = JSON.parse(localStorage.getItem('ofisino.draft.market.car')!) as object
    expect(Object.keys(kept)).toEqual(['b'])
  })
})

it('shares the price of what several jobs take, to the cent', async () => {
  open()
  server.when('POST /api/needs/e/acceptance', {})
  server.when('POST /api/needs/f/acceptance', {})
  server.when('POST /api/projects/car/entries', {})
  const user = userEvent.setup()
  await user.click(await screen.findByLabelText('Bought: Primer'))
  await user.type(screen.getByLabelText('Paid, in EUR'), '10.00')
  await user.click(screen.getByRole('button', { name: 'Enter what you bought' }))
  await waitFor(() => expect(server.writes('POST /api/projects/car/entries')).toHaveLength(1))
  expect(server.writes('POST /api/projects/car/entries')[0]!.body).toMatchObject({
    fields: {
      amountMinor: 1000,
      splits: [
        { jobId: 'j1', baseMinor: 333 },
        { jobId: 'j2', baseMinor: 667 },
      ],
    },
  })
  expect(server.writes('POST /api/needs/f/acceptance')).toHaveLength(1)
})
