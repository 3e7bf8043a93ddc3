import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { OrderOfWorkPage } from './OrderOfWorkPage'

const edge = (rule: string, before: string, after: string, must: boolean) => ({
  rule,
  before,
  after,
  must,
  gate: false,
  reason: `Reason of ${rule}.`,
})
const orderOfWork = {
  proposed: [edge('weld-first', 'a', 'b', true), edge('blast-first', 'b', 'c', false)],
  refused: [{ edge: edge('cut-first', 'c', 'a', true), circle: ['c', 'b', 'a'] }],
  missing: [{ rule: 'sealer', job: 'c', reason: 'Sealer melts.' }],
  waivers: [],
  enablers: [{ first: 'a', test: 'c', minutes: 45, tells: 2 }],
}
const open = () => {
  server.when('GET /api/projects/car/order-of-work', orderOfWork)
  server.when('GET /api/projects/car/jobs', {
    jobs: ['a', 'b', 'c'].map((id) => ({ id, code: id, title: `Job ${id}` })),
  })
  show(<OrderOfWorkPage />, '/p/car', '/p/:projectId')
}

it('says what is not in the plan, what lacks, and what to do first', async () => {
  open()
  expect(await screen.findByText(/2 rules of the trade are not in your plan yet/)).toHaveTextContent(
    /One job is missing a step.*“Job a” opens the way to “Job c”, and 2 jobs wait/,
  )
  expect(screen.getByText(/Your own links say the opposite: Job c → Job b → Job a/)).toBeInTheDocument()
})

it('takes those that are ticked', async () => {
  const path = 'POST /api/projects/car/order-of-work/accept'
  server.when(path, undefined)
  open()
  await userEvent.click(await screen.findByLabelText('“Job b” before “Job c”'))
  await userEvent.click(screen.getByRole('button', { name: 'Accept the one ticked' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toEqual({ edges: [{ before: 'a', after: 'b' }] })
})

it('excuses only what should hold, and never without a reason', async () => {
  const path = 'POST /api/projects/car/order-of-work/waive'
  server.when(path, undefined)
  open()
  await screen.findByText(/2 rules/)
  expect(screen.queryByRole('button', { name: 'Not here: Job a, Job b' })).not.toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Not here: Job b, Job c' }))
  await userEvent.click(screen.getByRole('button', { name: 'Waive it' }))
  expect(await screen.findByText('Fill this in.')).toBeInTheDocument()
  expect(server.writes(path)).toHaveLength(0)
  await userEvent.type(screen.getByLabelText('Why not here'), 'clean sheet')
  await userEvent.click(screen.getByRole('button', { name: 'Waive it' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toEqual({
    rule: 'blast-first',
    beforeId: 'b',
    afterId: 'c',
    reason: 'clean sheet',
  })
})
