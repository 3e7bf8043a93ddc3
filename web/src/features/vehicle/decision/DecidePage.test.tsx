import { cleanup, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { DecidePage } from './DecidePage'

const finding = (id: string, kind: string) => ({
  id,
  projectId: 'car',
  zone: 'sill-left',
  kind,
  safetyClass: 'B',
  state: 'OPEN',
  note: '',
  version: 4,
})

let offered: object[]

beforeEach(() => {
  offered = []
  server
    .when('GET /api/projects/car/findings', [finding('f1', 'RUST_THROUGH'), finding('f2', 'WORN')])
    .when('GET /api/projects/car/decisions', [
      { findingId: 'f1', decision: 'REPAIR', why: 'SAFETY_NEEDS_MENDING' },
      { findingId: 'f2', decision: 'REPLACE', why: 'SAFETY_NEEDS_A_NEW_PART' },
    ])
    .when('GET /api/projects/car', { id: 'car', bodyStyle: 'ESTATE', doubtfulParts: 'REPLACE' })
    .when('GET /api/projects/car/drawing', { style: 'ESTATE', views: [], zones: [] })
    .when('POST /api/findings/f1/decision', undefined)
    .when('POST /api/findings/f2/decision', undefined)
    .when('POST /api/projects/car/decisions', undefined)
    .when('GET /api/projects/car/chains', () => offered)
    .when('POST /api/projects/car/chains', () => void (offered = []))
  show(<DecidePage />, '/p/car/walk/decide', '/p/:projectId/walk/decide')
})

it('takes the proposal with Enter, with its reason', async () => {
  await screen.findByText(/2 findings to decide/)
  await userEvent.keyboard('{Enter}')
  await waitFor(() => expect(server.writes('POST /api/findings/f1/decision')).toHaveLength(1))
  expect(server.writes('POST /api/findings/f1/decision')[0]!.body).toEqual({
    decision: 'REPAIR',
    reason: 'Safety: it keeps the car off the road',
    version: 4,
  })
})

it('goes down with the arrow and chooses otherwise with a number', async () => {
  await screen.findByText(/2 findings to decide/)
  await userEvent.keyboard('{ArrowDown}')
  expect(await screen.findByText('Proposed: Replace')).toBeInTheDocument()
  await userEvent.keyboard('3')
  await waitFor(() => expect(server.writes('POST /api/findings/f2/decision')).toHaveLength(1))
  expect(server.writes('POST /api/findings/f2/decision')[0]!.body).toMatchObject({ decision: 'INVESTIGATE' })
})

it('types numbers into the reason without deciding', async () => {
  await userEvent.type(await screen.findByLabelText('Reason'), ' since 1997')
  expect(server.writes('POST /api/findings/f1/decision')).toHaveLength(0)
  await userEvent.click(screen.getByRole('button', { name: 'Accept' }))
  await waitFor(() => expect(server.writes('POST /api/findings/f1/decision')).toHaveLength(1))
  expect(server.writes('POST /api/findings/f1/decision')[0]!.body).toMatchObject({
    reason: 'Safety: it keeps the car off the road since 1997',
  })
})

it('takes all proposals as one change', async () => {
  await userEvent.click(await screen.findByRole('button', { name: 'Accept all 2 proposals' }))
  await waitFor(() => expect(server.writes('POST /api/projects/car/decisions')).toHaveLength(1))
  expect(server.writes('POST /api/projects/car/decisions')[0]!.body.decisions).toHaveLength(2)
})

it('makes the jobs of all that is decided with one press, each shared work once, and says what needs a hand', async () => {
  const wax = { id: 'cavity-wax', title: 'Fill the cavities with wax', likelyMinutes: 120, planned: true }
  const bleed = { id: 'brake-bleed', title: 'Bleed the brakes', likelyMinutes: 60, planned: false }
  const test = { id: 'brake-test', title: 'Test the brakes before any move', likelyMinutes: 30, planned: false }
  offered = [
    { findingId: 'f1', title: 'Sill, left: cut out and weld', jobs: 9, likelyMinutes: 1200, then: [wax] },
    { findingId: 'f3', title: 'Brake pipes: new pipes', jobs: 4, likelyMinutes: 160, then: [bleed, test] },
    { findingId: 'f4', title: 'Front brakes: new pads', jobs: 4, likelyMinutes: 110, then: [test] },
    { findingId: 'f2', jobs: 0, likelyMinutes: 0, then: [] },
  ]
  cleanup()
  show(<DecidePage />, '/p/car/walk/decide', '/p/:projectId/walk/decide')
  expect(await screen.findByText('4 decided findings have no jobs yet')).toBeInTheDocument()
  expect(screen.getByText('once, for 2 of these, 30 min')).toBeInTheDocument()
  expect(screen.getByText('last, 1 h')).toBeInTheDocument()
  expect(screen.queryByText('Fill the cavities with wax')).not.toBeInTheDocument()
  expect(screen.getByText('no recipe fits: add its jobs by hand')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Make these 19 jobs, 26 h' }))
  await waitFor(() => expect(server.writes('POST /api/projects/car/chains')).toHaveLength(1))
  const { chains } = server.writes('POST /api/projects/car/chains')[0]!.body as { chains: { findingId: string }[] }
  expect(chains.map((c) => c.findingId)).toEqual(['f1', 'f3', 'f4'])
  expect(await screen.findByRole('link', { name: 'See the plan' })).toHaveAttribute('href', '/p/car/plan')
})
