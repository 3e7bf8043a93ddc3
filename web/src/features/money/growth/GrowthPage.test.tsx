import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { GrowthPage } from './GrowthPage'

const day = (on: string, expected: number) => ({
  on,
  lowMinor: expected - 50_000,
  expectedMinor: expected,
  highMinor: expected + 90_000,
})

const months = {
  currency: 'EUR',
  months: [
    { month: '2026-11-01', inMinor: 10_000, dueMinor: 4_000, leftMinor: 6_000, due: [] },
    {
      month: '2026-12-01',
      inMinor: 15_000,
      dueMinor: 29_000,
      leftMinor: -8_000,
      due: [{ what: 'Carpet', on: '2026-12-09', minor: 9_000, canWait: true }],
    },
  ],
  firstShort: '2026-12-01',
  undatedMinor: 5_000,
  unpriced: 2,
  putOff: [{ what: 'Carpet', on: '2026-12-09', minor: 9_000, canWait: true }],
}

function open(days: ReturnType<typeof day>[], why: object[], steps: object[]) {
  server.when('GET /api/projects/car/forecast/growth', { currency: 'EUR', days, why, steps })
  server.when('GET /api/projects/car/keeping', { said: { finishedLikely: 900_000 } })
  server.when('GET /api/projects/car/months', months)
  show(<GrowthPage />)
}

it('says how much more it is than at the bid, and what most of that is; the table says what the chart shows', async () => {
  const why = [
    { cause: 'FOUND', minor: 120_000 },
    { cause: 'UNSEEN', minor: -20_000 },
  ]
  open([day('2026-05-30', 400_000), day('2026-11-30', 500_000)], why, [{ on: '2026-11-30', grownMinor: 100_000, why }])
  expect(await screen.findByText(/On 30 May 2026 it was thought to cost about/)).toHaveTextContent(
    '€4,000 in the end, now about €5,000: €1,000 more.',
  )
  expect(screen.getByText('Most of that: newly found.')).toBeInTheDocument()
  expect(
    screen.getByRole('img', { name: /From about €4,000 on 30 May 2026 to about €5,000 today/ }),
  ).toBeInTheDocument()
  await userEvent.click(screen.getByText('The same as a table'))
  expect(screen.getByRole('row', { name: '30 November 2026 €4,500 €5,000 €5,900' })).toBeInTheDocument()
  await userEvent.click(screen.getByText('30 November 2026: +€1,000'))
  expect(within(screen.getByText('30 November 2026: +€1,000').closest('details')!).getByText('-€200')).toBeVisible()
})

it('says that nothing has changed', async () => {
  open([day('2026-11-30', 400_000), day('2026-11-30', 400_000)], [], [])
  expect(await screen.findByText(/It is thought to cost about/)).toHaveTextContent('as on 30 November 2026')
  expect(screen.getAllByText('Nothing has changed since.')).toHaveLength(2)
})

it('names the first short month and what can wait', async () => {
  open([day('2026-11-30', 400_000)], [], [])
  expect(
    await screen.findByText(
      'December 2026 is short by €80.00. This can wait without moving the road: Carpet, €90.00. 2 things to buy have no price yet: no month can be called safe.',
    ),
  ).toBeInTheDocument()
  expect(screen.getByText(/Parts for €50.00 have no day in the plan yet/)).toBeInTheDocument()
  expect(screen.getByRole('row', { name: /December 2026.*€150.00.*€290.00.*-€80.00/ })).toBeInTheDocument()
})
