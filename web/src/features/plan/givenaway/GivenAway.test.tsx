import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { GivenAway } from './GivenAway'
import { GivenAwayList } from './GivenAwayList'

const job = { id: 'a', title: 'Weld the sill', over: false }
const given = { jobId: 'a', toWhom: 'Bruno’s welding shop', days: 10, costMinor: 45000, version: 2 }

it('gives a job away, with a price that may wait', async () => {
  const path = 'PUT /api/jobs/a/given-away'
  server.when('GET /api/projects/p/given-away', [])
  server.when(path, undefined)
  show(<GivenAway projectId="p" job={job} />)
  await userEvent.click(await screen.findByText('Somebody else does it'))
  await userEvent.clear(screen.getByLabelText('Days until it is done'))
  await userEvent.type(screen.getByLabelText('Days until it is done'), '731')
  await userEvent.click(screen.getByRole('button', { name: 'Give it away' }))
  expect(await screen.findByText('Enter 0 to 730 days.')).toBeInTheDocument()
  await userEvent.clear(screen.getByLabelText('Days until it is done'))
  await userEvent.type(screen.getByLabelText('Days until it is done'), '10')
  await userEvent.click(screen.getByRole('button', { name: 'Give it away' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toEqual({ toWhom: '', days: 10, costMinor: 0, version: 0 })
})

it('says what was agreed, and is done by oneself again', async () => {
  const path = 'DELETE /api/jobs/a/given-away'
  server.when('GET /api/projects/p/given-away', [given])
  server.when(path, undefined)
  show(<GivenAway projectId="p" job={job} />)
  expect(await screen.findByText(/does it$/)).toHaveTextContent('Bruno’s welding shop does it')
  expect(screen.getByText(/it takes 10 days, .*450/)).toBeInTheDocument()
  await userEvent.click(screen.getByText('Change what was agreed'))
  await userEvent.click(screen.getByRole('button', { name: 'Do it myself again' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
})

it('asks nothing of a job that is over', async () => {
  server.when('GET /api/projects/p/given-away', [])
  const { container } = show(<GivenAway projectId="p" job={{ ...job, over: true }} />)
  await waitFor(() => expect(server.sent.length).toBeGreaterThan(0))
  expect(container).toBeEmptyDOMElement()
})

it('lists what others do, what is late first, and leaves out what is over', async () => {
  const job = (id: string, over = false) => ({ id, title: `Job ${id}`, over })
  server.when('GET /api/projects/p/jobs', { jobs: [job('a'), job('b'), job('c', true)] })
  server.when('GET /api/projects/p/given-away', [
    given,
    { ...given, jobId: 'b', backOn: '2020-01-02' },
    { ...given, jobId: 'c' },
  ])
  show(<GivenAwayList projectId="p" />)
  const links = await screen.findAllByRole('link')
  expect(links.map((l) => l.textContent)).toEqual(['Job b', 'Job a'])
  expect(screen.getByText(/It was to be done by 2 January/)).toBeVisible()
})
