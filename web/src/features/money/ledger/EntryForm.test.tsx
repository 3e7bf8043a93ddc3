import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { EntryForm } from './EntryForm'

const saved = 'POST /api/projects/car/entries'
type Sent = { fields: { amountMinor: number; rate: number; currency: string; splits?: unknown[] } }
const sent = () => (server.writes(saved)[0]!.body as Sent).fields

const order = {
  id: 'o',
  supplierId: 's',
  supplier: 'Alder & Finch',
  currency: 'EUR',
  rate: 1,
  postMinor: 500,
  lines: [{ needId: 'n', title: 'Seal', amountMinor: 4000 }],
}
const openOrder = { orderId: 'o', supplier: 'Alder & Finch', currency: 'EUR', openMinor: 4000, baseMinor: 4000 }

async function form(orderedNotPaid: object[] = []) {
  server.when('GET /api/projects/car/jobs', { chains: [], jobs: [{ id: 'j', code: 'R77', title: 'Weld the sill' }] })
  server.when('GET /api/projects/car/orders', [order])
  server.when('GET /api/projects/car/money', { orderedNotPaid })
  server.when('GET /api/orders/o/invoice-shares', [{ destination: 'JOB', jobId: 'j', baseMinor: 4500 }])
  server.when(saved, { id: 'e' })
  show(<EntryForm projectId="car" base="EUR" onClose={vi.fn()} />)
  await screen.findByLabelText('What for')
}

it('keeps a receipt as a draft in minor units', async () => {
  await form()
  await userEvent.type(screen.getByLabelText('What for'), 'Welding gas')
  await userEvent.type(screen.getByLabelText('Amount'), '1.234,50')
  await userEvent.click(screen.getByRole('button', { name: 'Save, book later' }))
  await waitFor(() => expect(server.writes(saved)).toHaveLength(1))
  expect(sent()).toMatchObject({ amountMinor: 123_450, currency: 'EUR', rate: 1 })
})

it('asks again for what is no amount, and sends nothing', async () => {
  await form()
  await userEvent.type(screen.getByLabelText('Amount'), 'twelve')
  await userEvent.click(screen.getByRole('button', { name: 'Save, book later' }))
  expect(await screen.findByText(/That is not an amount/)).toBeInTheDocument()
  expect(server.writes(saved)).toHaveLength(0)
})

it('shows a foreign amount in the garage’s currency, as the server converts it, before it is kept', async () => {
  await form()
  server.when('GET /api/conversion', { baseMinor: 1170 })
  await userEvent.type(screen.getByLabelText('Amount'), '10')
  await userEvent.clear(screen.getByLabelText('Currency'))
  await userEvent.type(screen.getByLabelText('Currency'), 'gbp')
  await userEvent.click(screen.getByRole('button', { name: 'Save, book later' }))
  expect(await screen.findByText(/^Enter how much one GBP/)).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText(/GBP/), '1,1705')
  expect(await screen.findByText('= €11.70')).toBeInTheDocument()
  const last = server.sent.filter((s) => s.path === '/api/conversion').at(-1)!
  expect(Object.fromEntries(last.query)).toEqual({ currency: 'GBP', amountMinor: '1000', rate: '1.1705' })
})

it('says what is still to be shared out and gives it to the last share', async () => {
  await form()
  await userEvent.type(screen.getByLabelText('What for'), 'Gas')
  await userEvent.type(screen.getByLabelText('Amount'), '12.50')
  await userEvent.selectOptions(screen.getByLabelText(/Share 1.*to|to.*1/i), 'j')
  await userEvent.clear(screen.getByLabelText(/amount.*1|1.*amount/i))
  await userEvent.type(screen.getByLabelText(/amount.*1|1.*amount/i), '10')
  expect(screen.getByRole('status')).toHaveTextContent('€2.50')
  await userEvent.click(screen.getByRole('button', { name: 'Add a share' }))
  expect(screen.queryByRole('status')).not.toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Save, book later' }))
  await waitFor(() => expect(server.writes(saved)).toHaveLength(1))
  expect(sent().splits).toEqual([
    { destination: 'JOB', jobId: 'j', baseMinor: 1000 },
    { destination: 'UNASSIGNED', baseMinor: 250 },
  ])
})

it('asks which order it is for while one is to be paid; what was typed and chosen stays', async () => {
  await form([openOrder])
  await userEvent.upload(
    screen.getByLabelText('Photo or PDF of the receipt', { selector: 'input' }),
    new File(['%PDF-'], 'receipt.pdf', { type: 'application/pdf' }),
  )
  await userEvent.type(screen.getByLabelText('What for'), 'Seal')
  await userEvent.click(screen.getByRole('button', { name: 'Save, book later' }))
  expect(await screen.findByText(/Choose the order it belongs to/)).toBeInTheDocument()
  await userEvent.selectOptions(screen.getByLabelText('Is this the invoice for an order?'), 'o')
  expect(screen.getByLabelText('Amount')).toHaveValue('40.00')
  expect(screen.getByLabelText('What for')).toHaveValue('Seal')
  expect(screen.getByText('receipt.pdf')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Save, book later' }))
  await waitFor(() => expect(server.writes(saved)).toHaveLength(1))
  expect(sent()).toMatchObject({ orderId: 'o', supplierId: 's', amountMinor: 4000, description: 'Seal' })
})

it('keeps a receipt that is for no order, when it was said', async () => {
  await form([openOrder])
  await userEvent.type(screen.getByLabelText('What for'), 'Gas')
  await userEvent.type(screen.getByLabelText('Amount'), '20')
  await userEvent.selectOptions(screen.getByLabelText('Is this the invoice for an order?'), 'none')
  await userEvent.click(screen.getByRole('button', { name: 'Save, book later' }))
  await waitFor(() => expect(server.writes(saved)).toHaveLength(1))
  expect(sent()).not.toHaveProperty('orderId')
})

it('asks about an amount that could be two, and until when a deposit comes back', async () => {
  await form()
  await userEvent.type(screen.getByLabelText('What for'), 'Caliper')
  await userEvent.type(screen.getByLabelText('Amount'), '1.459')
  await userEvent.click(screen.getByRole('button', { name: 'Save, book later' }))
  expect(await screen.findByText(/Write 1459 or 1.46/)).toBeInTheDocument()
  await userEvent.clear(screen.getByLabelText('Amount'))
  await userEvent.type(screen.getByLabelText('Amount'), '80')
  await userEvent.selectOptions(screen.getByLabelText('Kind'), 'DEPOSIT_PAID')
  await userEvent.click(screen.getByRole('button', { name: 'Save, book later' }))
  expect(await screen.findByText(/the last day on which the deposit is refunded/)).toBeInTheDocument()
  expect(server.writes(saved)).toHaveLength(0)
})
