import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { server } from '@/test/server'
import { show } from '@/test/page'
import { BankPage } from './BankPage'

const line = (id: string, more: object = {}) => ({
  id,
  paidOn: '2026-11-03',
  minor: -11800,
  payee: 'Tarn',
  purpose: 'Invoice 17',
  state: 'OPEN',
  version: 0,
  ...more,
})
const receipt = { entryId: 'e1', projectId: 'car', vehicle: 'Tarn', description: 'Clips', paidOn: '2026-11-02' }
const bank = (more: object = {}) => ({ currency: 'EUR', open: [], settled: [], elsewhere: 0, ...more })
const written = () => server.sent.filter((s) => s.method === 'POST').at(-1)
const said = (body: object) => server.when('GET /api/projects/car/bank', body)

beforeEach(() => {
  server.when('GET /api/projects/car/orders', []).when('GET /api/projects/car/money', { orderedNotPaid: [] })
})

it('says what the list is good for while none is read', async () => {
  said(bank())
  show(<BankPage />)
  expect(await screen.findByText(/It stays on this machine/)).toBeVisible()
})

it('takes the sure receipts in one press, and leaves the others to be looked at', async () => {
  said(
    bank({
      open: [
        line('a', { receipt: { ...receipt, draft: true, sure: true } }),
        line('b', { receipt: { ...receipt, entryId: 'e2', description: 'Hose', draft: false, sure: false } }),
        line('c', { payee: 'Bakery', purpose: '' }),
      ],
    }),
  )
  server.when('POST /api/bank/sure', undefined).when('POST /api/bank/lines/b/receipt', undefined)
  show(<BankPage />)
  expect(await screen.findByText('One payment has no receipt yet.')).toBeVisible()
  expect(screen.getByText(/still a draft, booked with it/)).toBeVisible()
  expect(screen.getByText(/Another one has the same amount/)).toBeVisible()
  await userEvent.click(screen.getByRole('button', { name: 'Take the sure one' }))
  expect(written()).toMatchObject({ path: '/api/bank/sure', body: { lineIds: ['a'] } })
  await userEvent.click(screen.getByRole('button', { name: /That is it.*Hose/ }))
  expect(written()).toMatchObject({ body: { entryId: 'e2', version: 0 } })
})

it('puts who is known first, and sets the rest aside together', async () => {
  said(
    bank({
      open: [
        line('a', { payee: 'Bakery' }),
        line('b', { payee: 'Cinema' }),
        line('c', { payee: 'Parts Hall', supplierId: 's1' }),
      ],
    }),
  )
  server.when('POST /api/bank/elsewhere', undefined)
  show(<BankPage />)
  const lines = within((await screen.findByText('Parts Hall')).closest('ul')!).getAllByRole('listitem')
  expect(lines[0]).toHaveTextContent('Parts Hall')
  await userEvent.click(screen.getByRole('button', { name: /The 2 without a name you know/ }))
  expect(written()).toMatchObject({ path: '/api/bank/elsewhere', body: { lineIds: ['a', 'b'] } })
})

it('reads a pasted list, says which lines are bad, and takes the others', async () => {
  said(bank())
  server
    .when('POST /api/bank/look', {
      header: ['Date', 'Payee', 'Amount'],
      rows: [['03/04/2026', 'x', '-1.00']],
      lines: 2,
      columns: { day: 0, payee: 1, amount: 2 },
      decimals: 'POINT',
      days: 'DAY_FIRST',
      daysLeftOpen: true,
      remembered: false,
    })
    .when('POST /api/bank/lines', ({ query }: { query: URLSearchParams }) =>
      query.get('withoutBad') === 'true'
        ? { taken: 1, known: 0, bad: [] }
        : { taken: 0, known: 0, bad: [{ line: 3, why: 'DAY', said: 'soon' }] },
    )
  show(<BankPage />)
  await userEvent.click(await screen.findByRole('button', { name: 'Read a list of the bank' }))
  await userEvent.type(screen.getByLabelText('Or paste it here'), 'Date,Payee,Amount')
  await userEvent.click(screen.getByRole('button', { name: 'Look at it' }))
  expect(await screen.findByText(/These days can be read both ways/)).toBeVisible()
  await userEvent.selectOptions(screen.getByLabelText('Days are written'), 'MONTH_FIRST')
  await userEvent.click(screen.getByRole('button', { name: 'Take the list' }))
  expect(await screen.findByText('Line 3: no day (“soon”)')).toBeVisible()
  await userEvent.click(screen.getByRole('button', { name: 'Take the others without them' }))
  expect(
    server.sent
      .filter((s) => s.path === '/api/bank/lines')
      .at(-1)
      ?.query.get('days'),
  ).toBe('MONTH_FIRST')
})
