import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, it } from 'vitest'
import { show } from '@/test/page'
import { Refusal, server, type Sent } from '@/test/server'
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

it('asks where it lies, enters each line once, and keeps what could not be entered', async () => {
  open()
  server.when('GET /api/places', [{ id: 'bench', code: 'D6H', name: 'Long bench', kind: 'BENCH' }])
  server.when('POST /api/projects/car/bought', (sent: Sent) =>
    (sent.body.needs as { needId: string }[])[0]!.needId === 'b'
      ? new Refusal(409, { code: 'x', detail: 'Not now.' })
      : undefined,
  )
  const user = userEvent.setup()
  await user.click(await screen.findByLabelText('Bought: Part b'))
  await user.click(screen.getByLabelText('Bought: Part a'))
  await user.click(screen.getByLabelText('red over amber'))
  await user.type(screen.getAllByLabelText('Paid, in EUR')[0]!, '12.50')
  await user.click(screen.getByLabelText('Bought: Primer'))
  expect(screen.getByText(/€12.50 paid so far/)).toBeVisible()
  const enter = screen.getByRole('button', { name: 'Enter the 3 things you bought' })
  expect(enter).toBeDisabled()
  await user.selectOptions(await screen.findByLabelText('Where to store it'), 'bench')
  await user.click(enter)
  expect(await screen.findByText(/Not now\./)).toBeVisible()
  const sent = server.writes('POST /api/projects/car/bought').map((w) => w.body)
  expect(sent).toHaveLength(3)
  expect(sent[0]).toMatchObject({
    needs: [{ needId: 'a', version: 3 }],
    placeId: 'bench',
    matched: ['red over amber'],
    paidMinor: 1250,
  })
  expect(sent[0]!.entryId).toBeDefined()
  expect(sent[2]).toMatchObject({ needs: [{ needId: 'e' }, { needId: 'f' }], paidMinor: 0 })
  await waitFor(() => {
    const kept = JSON.parse(localStorage.getItem('ofisino.draft.market.car')!) as object
    expect(Object.keys(kept)).toEqual(['b'])
  })
})
