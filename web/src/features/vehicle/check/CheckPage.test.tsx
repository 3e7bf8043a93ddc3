import { cleanup, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { show } from '@/test/page'
import { Refusal, server, type Sent } from '@/test/server'
import { CheckPage } from './CheckPage'

const check = (id: string, seen: string, kind: string) => ({
  id,
  theme: 'structure',
  method: 'TAP',
  how: `How to do ${id}.`,
  good: 'It rings.',
  means: 'Rust from inside.',
  endangers: 'the jacking points',
  ifBad: 'A',
  seen,
  settledBy: seen === 'ON_STANDS' ? ['ON_STANDS', 'OPENED'] : ['WALKED_ROUND', 'ON_STANDS', 'OPENED'],
  findings: { BAD: kind, DOUBTFUL: 'DOUBT', MISSING: 'MISSING' },
})
const zone = {
  id: 'sill-left',
  name: 'Sill',
  side: 'LEFT',
  system: 'STRUCTURE',
  view: 'left',
  outline: 'M0 0h9v9z',
  markX: 1,
  markY: 1,
}
const answersSent = 'POST /api/projects/car/answers'
type Answers = { answers: { id: string; checkId: string; seen: string; howSeen: string }[] }
const sent = (i = 0) => (server.writes(answersSent)[i]!.body as Answers).answers
let given: Record<string, string>
let known: boolean
let questions: { item: string; gravest: string; checks: number }[]

beforeEach(() => {
  given = {}
  known = false
  questions = []
  const walk = () => ({
    checks: [
      check('tap', 'WALKED_ROUND', 'RUST_THROUGH'),
      check('drain', 'ON_STANDS', 'SURFACE_RUST'),
      { ...check('cover', 'WALKED_ROUND', 'OLD_REPAIR'), method: 'OPERATE', limit: 'pedal-reserve' },
    ],
    steps: ['tap', 'drain', 'cover'].map((checkId) => ({
      checkId,
      place: 'sill-left',
      zone: 'sill-left',
      cautions: [],
      also: checkId === 'cover' ? ['sill-right'] : [],
      ifBad: 'B',
      ...(given[checkId]
        ? {
            seen: given[checkId],
            howSeen: 'WALKED_ROUND',
            look: { by: 'Ines', at: '2027-06-14T18:00:00Z', another: false },
          }
        : {}),
    })),
    places: [{ place: 'sill-left', left: 3 - Object.keys(given).length, unseen: 0.43 }],
    unseen: 0.43,
    openTraps: 1,
    tally: { sound: 4, repair: 1, replace: 2, notOpened: 0, notSeen: 3, missing: 6, other: 0, waiting: 5 },
    edition: 'E862',
    questions,
  })
  server
    .when('GET /api/projects/car', { bodyStyle: 'ESTATE' })
    .when('GET /api/projects/car/drawing', {
      style: 'ESTATE',
      zones: [zone],
      views: [{ id: 'left', name: 'Left side', width: 9, height: 9, row: 0, column: 0, mirrored: false, details: [] }],
    })
    .when('GET /api/projects/car/findings', [])
    .when('GET /api/projects/car/events', [])
    .when('GET /api/projects/car/sleep', { evidence: [], suspects: [] })
    .when('GET /api/projects/car/checks', walk)
    .when(answersSent, (s: Sent) => {
      const { answers } = s.body as Answers
      for (const a of answers) given[a.checkId] = a.seen
      const failed = answers.filter((a) => a.seen === 'BAD' || a.seen === 'DOUBTFUL')
      return { standing: failed.map((a) => ({ findingId: 'f', checkId: a.checkId, zone: 'sill-left', known })) }
    })
  show(<CheckPage />, '/p/car/walk/checks', '/p/:projectId/walk/checks')
})

it('says how much is left and unseen, and comes to the next check after an answer', async () => {
  expect(await screen.findByText(/3 checks left. 43 %/)).toBeInTheDocument()
  expect(screen.getByRole('heading', { name: 'How to do tap.' })).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Good' }))
  expect(await screen.findByRole('heading', { name: 'How to do drain.' })).toBeInTheDocument()
  expect(sent()).toMatchObject([{ checkId: 'tap', seen: 'GOOD', howSeen: 'WALKED_ROUND' }])
  expect(screen.getByText('Counts only when seen on stands.')).toBeInTheDocument()
})

it('says what a failed check became, and goes on', async () => {
  server.when('GET /api/projects/car/findings', () =>
    given.tap
      ? [{ id: 'f', checkId: 'tap', zone: 'sill-left', kind: 'RUST_THROUGH', safetyClass: 'A', state: 'OPEN' }]
      : [],
  )
  await userEvent.click(await screen.findByRole('button', { name: 'Bad' }))
  expect(await screen.findByText(/Recorded as a finding: Rusted through, Sill/)).toBeInTheDocument()
  expect(screen.getByRole('link', { name: 'Add detail or a photo' })).toHaveAttribute('href', '/p/car/walk?finding=f')
  await userEvent.click(screen.getByRole('button', { name: 'Next' }))
  expect(await screen.findByRole('heading', { name: 'How to do drain.' })).toBeInTheDocument()
})

it('knows the finding that is open where its check fails again', async () => {
  known = true
  server.when('GET /api/projects/car/findings', [
    { id: 'f', checkId: 'tap', zone: 'sill-left', kind: 'RUST_THROUGH', safetyClass: 'A', state: 'OPEN' },
  ])
  await userEvent.click(await screen.findByRole('button', { name: 'Bad' }))
  expect(await screen.findByText(/Already known and still open: Rusted through, Sill/)).toBeInTheDocument()
  expect(screen.queryByText(/Recorded as a finding/)).not.toBeInTheDocument()
})

it('says who looked last, and how', async () => {
  given.tap = 'GOOD'
  cleanup()
  show(<CheckPage />, '/p/car/walk/checks?place=sill-left&check=tap', '/p/:projectId/walk/checks')
  expect(await screen.findByText('By Ines, seen on the walk round, 14 June 2027.')).toBeInTheDocument()
})

it('takes the rest of a place for good in one write, but not what must be seen better', async () => {
  await userEvent.click(await screen.findByRole('button', { name: /Everything else here looks good \(2\)/ }))
  await waitFor(() => expect(server.writes(answersSent)).toHaveLength(1))
  expect(sent().map((a) => a.checkId)).toEqual(['tap', 'cover'])
})

it('asks why something cannot be seen, and keeps the check when the server refuses', async () => {
  server.when(answersSent, new Refusal(409, { code: 'project.over', detail: 'The project is finished.' }))
  await userEvent.click(await screen.findByRole('button', { name: 'Can’t see it' }))
  await userEvent.click(screen.getByRole('button', { name: 'It is covered' }))
  expect(await screen.findByText('The project is finished.')).toBeInTheDocument()
  expect(screen.getByRole('heading', { name: 'How to do tap.' })).toBeInTheDocument()
})

it('asks of a mechanism whether it works, remembers who looked, and leads to a reading', async () => {
  await userEvent.click(await screen.findByRole('button', { name: 'Later' }))
  await userEvent.click(screen.getByRole('button', { name: 'Later' }))
  await userEvent.click(await screen.findByLabelText('Somebody else looked and told me'))
  expect(
    screen.getByText(/4 sound, 1 to repair, 2 to replace, 6 missing, 0 not opened, 3 not seen, 5 not decided/),
  ).toBeInTheDocument()
  expect(screen.getByRole('button', { name: 'Works' })).toBeInTheDocument()
  expect(screen.getByRole('button', { name: 'Not tried, because …' })).toBeInTheDocument()
  expect(screen.getByRole('link', { name: 'Enter a reading' })).toHaveAttribute(
    'href',
    '/p/car/walk/readings?new=1&limit=pedal-reserve&place=sill-left',
  )
  await userEvent.click(screen.getByRole('button', { name: 'Works poorly' }))
  await waitFor(() => expect(server.writes(answersSent)).toHaveLength(1))
  expect(sent()).toMatchObject([{ checkId: 'cover', seen: 'DOUBTFUL', another: true }])
})

it('asks first what it has, where checks wait for it, and lets the answer wait', async () => {
  const path = 'POST /api/projects/car/equipment'
  questions = [
    { item: 'brakes-front', gravest: 'A', checks: 3 },
    { item: 'servo', gravest: 'B', checks: 1 },
  ]
  const values = (...names: string[]) => names.map((name) => ({ id: name, name, possible: name !== 'rod' }))
  server.when(path, undefined).when('GET /api/projects/car/equipment', [
    { id: 'brakes-front', name: 'Front brakes', values: values('disc', 'drum', 'rod'), value: 'disc', facts: [] },
    { id: 'servo', name: 'Servo', values: values('none', 'vacuum'), facts: [] },
  ])
  cleanup()
  show(<CheckPage />, '/p/car', '/p/:projectId')
  expect(await screen.findByRole('heading', { name: 'Front brakes: which is fitted?' })).toBeInTheDocument()
  expect(screen.getByText('3 checks wait for it.')).toBeInTheDocument()
  expect(screen.queryByRole('button', { name: 'rod' })).not.toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'disc (usual)' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({ facts: [{ item: 'brakes-front', value: 'disc', how: 'SEEN' }] })
  await userEvent.click(screen.getByRole('button', { name: 'Can’t tell yet' }))
  expect(screen.getByRole('heading', { name: 'Servo: which is fitted?' })).toBeInTheDocument()
})

it('says at which place a look that answers for several found its fault', async () => {
  cleanup()
  show(<CheckPage />, '/p/car?place=sill-left&check=cover', '/p/:projectId')
  await userEvent.selectOptions(await screen.findByLabelText('If it is bad: where?'), 'sill-right')
  await userEvent.click(screen.getByRole('button', { name: 'Dead' }))
  await waitFor(() => expect(server.writes(answersSent)).toHaveLength(1))
  expect(sent()[0]).toMatchObject({ checkId: 'cover', place: 'sill-left', foundAt: 'sill-right' })
})
