import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it, vi } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { EntryForm } from './EntryForm'

const saved = 'POST /api/projects/car/entries'
type Sent = { fields: { amountMinor: number; rate: number; currency: string; splits?: unknown[] } }
const sent = () => (server.writes(saved)[0]!.body as Sent).fields

beforeEach(() => {
  server.when('GET /api/projects/car/jobs', { chains: [], jobs: [{ id: 'j', code: 'R77', title: 'Weld the sill' }] })
  server.when(saved, { id: 'e' })
  show(<EntryForm projectId="car" base="EUR" onClose={vi.fn()} />)
})

it('keeps a receipt as a draft in minor units', async () => {
  await userEvent.type(screen.getByLabelText('What for'), 'Welding gas')
  await userEvent.type(screen.getByLabelText('Amount'), '1.234,50')
  await userEvent.click(screen.getByRole('button', { name: 'Keep as a draft' }))
  await waitFor(() => expect(server.writes(saved)).toHaveLength(1))
  expect(sent()).toMatchObject({ amountMinor: 123_450, currency: 'EUR', rate: 1 })
})

it('asks again for what is no amount, and sends nothing', async () => {
  await userEvent.type(screen.getByLabelText('Amount'), 'twelve')
  await userEvent.click(screen.getByRole('button', { name: 'Keep as a draft' }))
  expect(screen.getByRole('alert')).toHaveTextContent('This is no amount')
  expect(server.writes(saved)).toHaveLength(0)
})

it('shows a foreign amount in the garage’s currency, as the server converts it, before it is kept', async () => {
  server.when('GET /api/conversion', { baseMinor: 1170 })
  await userEvent.type(screen.getByLabelText('Amount'), '10')
  await userEvent.clear(screen.getByLabelText('Currency'))
  await userEvent.type(screen.getByLabelText('Currency'), 'gbp')
  await userEvent.click(screen.getByRole('button', { name: 'Keep as a draft' }))
  expect(screen.getByRole('alert')).toHaveTextContent(/GBP/)
  await userEvent.type(screen.getByLabelText(/GBP/), '1,1705')
  expect(await screen.findByText('= €11.70')).toBeInTheDocument()
  const last = server.sent.filter((s) => s.path === '/api/conversion').at(-1)!
  expect(Object.fromEntries(last.query)).toEqual({ currency: 'GBP', amountMinor: '1000', rate: '1.1705' })
})

it('says what is still to be shared out and gives it to the last share', async () => {
  await userEvent.type(screen.getByLabelText('Amount'), '12.50')
  await userEvent.selectOptions(screen.getByLabelText(/Share 1.*to|to.*1/i), 'j')
  await userEvent.clear(screen.getByLabelText(/amount.*1|1.*amount/i))
  await userEvent.type(screen.getByLabelText(/amount.*1|1.*amount/i), '10')
  expect(screen.getByRole('status')).toHaveTextContent('€2.50')
  await userEvent.click(screen.getByRole('button', { name: 'Add a share' }))
  expect(screen.queryByRole('status')).not.toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Keep as a draft' }))
  await waitFor(() => expect(server.writes(saved)).toHaveLength(1))
  expect(sent().splits).toEqual([
    { destination: 'JOB', jobId: 'j', baseMinor: 1000 },
    { destination: 'UNASSIGNED', baseMinor: 250 },
  ])
})
