import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { EveningSentence, WorkSessionBegun } from './WorkSessionBegun'
import type { Today } from '../sentences'

const today = {
  tonight: {
    day: '2026-03-03',
    minutes: 120,
    jobs: [
      { kind: 'STRIP', id: 's', access: 'bonnet-off', code: '', title: 'Bonnet off', minutes: 30, fetch: [] },
      {
        kind: 'JOB',
        id: 'j',
        code: 'QXY',
        title: 'Fit the glass',
        minutes: 60,
        fetch: [{ needId: 'n', title: 'Seal', placeCode: 'B12', placeName: 'Shelf' }],
      },
    ],
  },
} as unknown as Today
const begun = 'GET /api/work-session-begun'

it('begins the evening with what it is for', async () => {
  server.when(begun, undefined)
  server.when('POST /api/projects/car/work-session-begun', undefined)
  show(<WorkSessionBegun today={today} />)
  const begin = screen.getByRole('button', { name: 'Start the session' })
  await waitFor(() => expect(begin).toBeEnabled())
  await userEvent.click(begin)
  await waitFor(() => expect(server.writes('POST /api/projects/car/work-session-begun')).toHaveLength(1))
  expect(server.writes('POST /api/projects/car/work-session-begun')[0]!.body).toMatchObject({
    work: [{ access: 'bonnet-off' }, { jobId: 'j' }],
  })
})

it('says since when, ends in the log, or is left', async () => {
  server.when(begun, { projectId: 'car', begunAt: new Date(Date.now() - 75 * 60_000).toISOString(), work: [] })
  server.when('DELETE /api/work-session-begun', undefined)
  show(
    <>
      <EveningSentence today={today} />
      <WorkSessionBegun today={today} />
    </>,
  )
  expect(await screen.findByText(/In the garage since .*: 1¼ h/)).toBeInTheDocument()
  expect(screen.getByRole('link', { name: 'Finish and log it' })).toHaveAttribute('href', '/p/car/logbook?new=begun')
  await userEvent.click(screen.getByRole('button', { name: 'Don’t log it' }))
  await waitFor(() => expect(server.writes('DELETE /api/work-session-begun')).toHaveLength(1))
})

it('is ticked off step by step, and the next one stands out', async () => {
  const work = [
    { access: 'bonnet-off', title: 'Bonnet off', minutes: 25, tickedAt: new Date().toISOString() },
    { jobId: 'j', title: 'Fit the glass', minutes: 10 },
  ]
  server.when(begun, { projectId: 'car', begunAt: new Date(Date.now() - 35 * 60_000).toISOString(), work })
  server.when('PUT /api/work-session-begun/ticks', undefined)
  server.when('GET /api/projects/car/jobs', { jobs: [{ id: 'j', cautions: ['GLASS'] }] })
  server.when('GET /api/jobs/j/interlocks', [])
  show(<WorkSessionBegun today={today} />)
  expect(await screen.findByRole('checkbox', { name: /Bonnet off/ })).toBeChecked()
  expect(screen.getByText(/25 min, at/)).toBeInTheDocument()
  expect(screen.getByText(/Seal/)).toBeInTheDocument()
  expect(await screen.findByText(/gloves and eyes/)).toBeInTheDocument()
  const glass = screen.getByRole('checkbox', { name: /Fit the glass/ })
  expect(glass).not.toBeChecked()
  await userEvent.click(glass)
  await waitFor(() =>
    expect(server.writes('PUT /api/work-session-begun/ticks')[0]!.body).toEqual({ what: { jobId: 'j' }, done: true }),
  )
  await userEvent.click(screen.getByRole('checkbox', { name: /Bonnet off/ }))
  await waitFor(() =>
    expect(server.writes('PUT /api/work-session-begun/ticks')[1]!.body).toEqual({
      what: { access: 'bonnet-off' },
      done: false,
    }),
  )
})

it('asks for the dangers of what is taken apart first, and counts it as open then', async () => {
  const work = [{ access: 'bonnet-off', title: 'Bonnet off', minutes: 5 }]
  server.when(begun, { projectId: 'car', begunAt: new Date().toISOString(), work })
  server.when('GET /api/projects/car/access', {
    stripDowns: [{ stripDown: 's', access: 'bonnet-off', asks: [], jobs: [], direct: [], around: [] }],
    accesses: [{ id: 'bonnet-off', name: 'Bonnet off', cautions: [] }],
  })
  server.when('POST /api/projects/car/access/s/open', undefined)
  show(<WorkSessionBegun today={today} />)
  await userEvent.click(await screen.findByRole('button', { name: /It is stripped down now: Bonnet off/ }))
  await waitFor(() => expect(server.writes('POST /api/projects/car/access/s/open')).toHaveLength(1))
})

it('says when it is for another car', async () => {
  server.when(begun, { projectId: 'bike', begunAt: new Date().toISOString(), work: [] })
  show(<WorkSessionBegun today={today} />)
  expect(await screen.findByText(/for another car/)).toBeInTheDocument()
})
