import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { server } from '@/test/server'
import { show } from '@/test/page'
import type { Entry } from '../budget/moneyQueries'
import { MoveForm } from './MoveForm'

const entry = {
  id: 'e1',
  description: 'Gearbox',
  baseMinor: 42_000,
  splits: [{ destination: 'JOB', jobId: 'j1', baseMinor: 42_000 }],
} as unknown as Entry
const car = (id: string, state = 'ACTIVE') => ({ id, vehicleName: `The ${id}`, state })

it('is not there while the garage has no other car in hand', async () => {
  server.when('GET /api/projects', [car('car'), car('gone', 'SOLD')])
  const { container } = show(<MoveForm entry={entry} projectId="car" currency="EUR" onDone={() => {}} />)
  await new Promise((r) => setTimeout(r, 50))
  expect(container).not.toHaveTextContent('Move to another car')
})

it('moves all of it, off the job that bore it, unless less is said', async () => {
  server
    .when('GET /api/projects', [car('car'), car('van')])
    .when('GET /api/projects/van/jobs', { jobs: [{ id: 'j9', code: 'J9', title: 'Gearbox in', over: false }] })
    .when('POST /api/projects/car/moves', {})
  show(<MoveForm entry={entry} projectId="car" currency="EUR" onDone={() => {}} />)
  await userEvent.click(await screen.findByText('Move to another car'))
  await userEvent.click(await screen.findByRole('button', { name: 'Move it' }))
  expect(await screen.findByText('Choose the car.')).toBeVisible()
  await userEvent.selectOptions(screen.getByLabelText('To which car'), 'van')
  await screen.findByRole('option', { name: 'J9 Gearbox in' })
  await userEvent.selectOptions(screen.getByLabelText('For the job'), 'j9')
  await userEvent.click(screen.getByRole('button', { name: 'Move it' }))
  expect(server.sent.find((s) => s.method === 'POST')?.body).toMatchObject({
    toProject: 'van',
    minor: 42_000,
    fromJob: 'j1',
    toJob: 'j9',
    description: 'Gearbox',
  })
})
