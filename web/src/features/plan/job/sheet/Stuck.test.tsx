import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { Stuck } from './Stuck'
import type { Job } from '../jobWork'

const job = { id: 'a', title: 'Silencer off', over: false } as Job
const rung = {
  id: 'stuck-shock',
  title: 'Hammer, impact',
  likelyMinutes: 30,
  waitMinutes: 1440,
  tools: [],
  cautions: [],
}

it('offers the next rung, with how long it is then left', async () => {
  server.when('GET /api/jobs/a/stuck', { tried: [{ jobId: 'b', title: 'Soaked', state: 'FINISHED' }], next: rung })
  server.when('POST /api/jobs/a/stuck', undefined)
  show(<Stuck job={job} />)
  await userEvent.click(await screen.findByText('It will not come loose'))
  expect(screen.getByText(/Soaked/)).toBeInTheDocument()
  expect(screen.getByText('Next: Hammer, impact, 30 min. Then it is left for 24 h.')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Plan it before this job' }))
  await waitFor(() => expect(server.writes('POST /api/jobs/a/stuck')).toHaveLength(1))
  expect(server.writes('POST /api/jobs/a/stuck')[0]!.body).toEqual({ rung: 'stuck-shock' })
})

it('offers nothing while something milder is still to be tried', async () => {
  server.when('GET /api/jobs/a/stuck', { tried: [{ jobId: 'b', title: 'Soaked', state: 'PLANNED' }], next: rung })
  show(<Stuck job={job} />)
  await userEvent.click(await screen.findByText('It will not come loose'))
  expect(screen.getByText(/Try that twice/)).toBeInTheDocument()
  expect(screen.queryByRole('button', { name: 'Plan it before this job' })).not.toBeInTheDocument()
})
