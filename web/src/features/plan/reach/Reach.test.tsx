import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { Reach } from './Reach'
import type { Job } from '../job/jobWork'

const job = (id: string) => ({ id, code: 'K7M', title: `Job ${id}`, over: false }) as Job

it('shows what another job at the same place found out, and keeps a note of its own', async () => {
  const path = 'POST /api/jobs/a/reach'
  server.when(path, undefined)
  server.when('GET /api/jobs/a/reach', [
    {
      id: '1',
      jobId: 'b',
      fastener: 'Lower bolt',
      tools: '13 mm, joint',
      foundAt: 'Column out',
      onlyAfterTitle: 'Run the seat back',
    },
  ])
  server.when('GET /api/projects/car/jobs', { jobs: [job('a'), job('c')] })
  show(<Reach projectId="car" job={job('a')} />)
  expect(await screen.findByText('Lower bolt')).toBeInTheDocument()
  expect(screen.getByText(/Only after: Run the seat back.*Noted on: Column out/)).toBeInTheDocument()
  expect(screen.queryByRole('button', { name: 'Remove: Lower bolt' })).not.toBeInTheDocument()

  await userEvent.click(screen.getByText('Note how to reach an awkward fastener'))
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  expect(await screen.findAllByText('Fill this in.')).toHaveLength(2)
  expect(server.writes(path)).toHaveLength(0)
  await userEvent.type(screen.getByLabelText('Which one'), 'Upper bolt')
  await userEvent.type(screen.getByLabelText('With which tools, from where'), '17 mm')
  await userEvent.selectOptions(screen.getByLabelText('Only after'), 'K7M Job c')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({ fastener: 'Upper bolt', tools: '17 mm', onlyAfter: 'c' })
})
