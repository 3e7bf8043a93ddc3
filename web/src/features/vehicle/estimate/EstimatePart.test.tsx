import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { EstimatePart } from './EstimatePart'

const finding = { id: 'f', kind: 'WORN' } as Schemas['FindingRow']
const proposed = {
  findingId: 'f',
  effort: { optimisticMinutes: 480, likelyMinutes: 1800, pessimisticMinutes: 4800 },
  specialist: true,
  hands: ['NEEDS_A_RIG'],
  version: 0,
}
const path = 'PUT /api/findings/f/estimate'

const answer = (estimate: object) =>
  server.when('GET /api/projects/car/estimates', { estimates: [estimate], foundAfterStripDown: 0 })
beforeEach(() => {
  server.when(path, undefined)
})

it('says what is proposed, and when to ask a specialist', async () => {
  answer(proposed)
  show(<EstimatePart finding={finding} />)
  expect(await screen.findByText(/8 h to 80 h, likely 30 h/)).toBeInTheDocument()
  expect(screen.getByText(/usual hours for this kind/)).toBeInTheDocument()
  expect(screen.getByText(/workshop’s hourly rate/)).toBeInTheDocument()
  expect(screen.getByText(/a rig nobody has at home/)).toBeInTheDocument()
  expect(screen.queryByRole('button', { name: 'Grade the rust' })).not.toBeInTheDocument()
})

it('says of an owner’s work how much more came to light behind what was opened', async () => {
  server.when('GET /api/projects/car/estimates', { estimates: [proposed], foundAfterStripDown: 0.3 })
  show(<EstimatePart finding={{ ...finding, previousWork: 'REMOVE' }} />)
  expect(await screen.findByText(/30 % more turned up/)).toBeInTheDocument()
})

it('takes own figures, refuses half of them, and names who owes it', async () => {
  answer(proposed)
  show(<EstimatePart finding={finding} />)
  await userEvent.click(await screen.findByRole('button', { name: 'Change the figures' }))
  await userEvent.type(screen.getByLabelText('At best, hours'), '2')
  await userEvent.click(screen.getByRole('button', { name: 'Save the figures' }))
  expect(await screen.findByRole('alert')).toHaveTextContent('all three hours')
  await userEvent.type(screen.getByLabelText('Likely, hours'), '3,5')
  await userEvent.type(screen.getByLabelText('At worst, hours'), '6')
  await userEvent.selectOptions(screen.getByLabelText(/somebody else pay/), 'RECALL')
  await userEvent.type(screen.getByLabelText(/Details of the claim/), 'letter of May')
  await userEvent.click(screen.getByRole('button', { name: 'Save the figures' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toEqual({
    fields: {
      effort: { optimisticMinutes: 120, likelyMinutes: 210, pessimisticMinutes: 360 },
      payer: 'RECALL',
      payerNote: 'letter of May',
    },
    version: 0,
  })
})

it('shows that somebody owes it, and own cost in whole units', async () => {
  answer({
    ...proposed,
    cost: { optimisticMinor: 7980, likelyMinor: 15961, pessimisticMinor: 39902 },
    said: { payer: 'SELLER', payerNote: 'agreed', cost: {} },
  })
  show(<EstimatePart finding={finding} />)
  expect(await screen.findByText(/€80 to €399, likely €160/)).toBeInTheDocument()
  expect(screen.getByText(/The seller pays/)).toHaveTextContent('agreed')
})
