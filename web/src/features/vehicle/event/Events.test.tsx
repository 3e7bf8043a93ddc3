import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { Events } from './Events'
import type { Step } from '../check/checkWalk'

const steps: Step[] = [
  { checkId: 'belt-buckle', place: 'belts', zone: 'belts', seen: 'GOOD', cautions: [], also: [], ifBad: 'B' },
  { checkId: 'starter-engages', place: 'starter', zone: 'starter', cautions: [], also: [], ifBad: 'B' },
]
const flood = {
  id: 'e',
  event: 'FLOODED',
  note: 'to the sills',
  suspects: [
    { checkId: 'belt-buckle', place: 'belts', why: 'Buckles do not dry.' },
    { checkId: 'starter-engages', place: 'starter', why: 'It lies low.' },
  ],
}

it('lists only suspects that nobody looked at yet, and goes there', async () => {
  server.when('GET /api/projects/car/events', [flood])
  const onGo = vi.fn()
  show(<Events projectId="car" steps={steps} nameOf={(p) => p} onGo={onGo} />)
  expect(await screen.findByText(/Flooded: one thing to look at/)).toBeInTheDocument()
  expect(screen.queryByText(/Buckles do not dry/)).not.toBeInTheDocument()
  await userEvent.click(screen.getByText(/It lies low/))
  expect(onGo).toHaveBeenCalledWith('starter-engages', 'starter')
  expect(screen.queryByRole('option', { name: 'Flooded' })).not.toBeInTheDocument()
})

it('records an event with its note', async () => {
  server.when('GET /api/projects/car/events', []).when('POST /api/projects/car/events', undefined)
  show(<Events projectId="car" steps={steps} nameOf={(p) => p} onGo={vi.fn()} />)
  await userEvent.selectOptions(await screen.findByRole('combobox'), 'VERMIN')
  await userEvent.type(screen.getByLabelText(/know about it/), 'a nest in the heater')
  await userEvent.click(screen.getByRole('button', { name: 'Add the event' }))
  await waitFor(() => expect(server.writes('POST /api/projects/car/events')).toHaveLength(1))
  expect(server.writes('POST /api/projects/car/events')[0]!.body).toMatchObject({
    event: 'VERMIN',
    note: 'a nest in the heater',
  })
})
