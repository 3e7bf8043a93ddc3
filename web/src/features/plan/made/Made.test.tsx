import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import type { Job } from '../job/jobWork'
import { Made } from './Made'

const job = { id: 'a', title: 'Outrigger end', operation: 'FABRICATE' } as Job
const part = { number: 'Z 4', material: 'Steel sheet 1.5 mm', sizes: '340 × 95 mm', pieces: 2 }

it('writes down of what, how large and how many', async () => {
  server.when('GET /api/projects/p/made', [])
  server.when('PUT /api/jobs/a/made', undefined)
  show(<Made projectId="p" job={job} />)
  await userEvent.click(await screen.findByText('Write down what is made, so that it can be made again'))
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  expect(await screen.findByText('Say what it is made of.')).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText(/Material/), part.material)
  await userEvent.type(screen.getByLabelText(/Sizes/), part.sizes)
  await userEvent.clear(screen.getByLabelText('Pieces'))
  await userEvent.type(screen.getByLabelText('Pieces'), '2')
  await userEvent.type(screen.getByLabelText(/Number of the drawing/), part.number)
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes('PUT /api/jobs/a/made')).toHaveLength(1))
  expect(server.writes('PUT /api/jobs/a/made')[0]!.body).toEqual({ part, version: 0 })
})

it('shows what was made, and asks nothing of work that makes nothing', async () => {
  server.when('GET /api/projects/p/made', [{ jobId: 'a', part, version: 3 }])
  const { container } = show(<Made projectId="p" job={{ ...job, id: 'b', operation: 'STRIP' }} />)
  show(<Made projectId="p" job={job} />)
  expect(await screen.findByText('Steel sheet 1.5 mm, 2 pieces')).toBeInTheDocument()
  expect(screen.getByText('340 × 95 mm')).toBeInTheDocument()
  expect(container).toBeEmptyDOMElement()
})
