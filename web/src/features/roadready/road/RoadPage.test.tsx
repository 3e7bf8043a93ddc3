import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { RoadPage } from './RoadPage'
import { remedyOf, type Blocker, type GateName, type Proof, type Road } from './road'

const pipe: Blocker = {
  rule: 'FINDING_OPEN',
  gate: 'FIRST_MOVE',
  gravity: 'A',
  system: 'BRAKES',
  remedy: { kind: 'FINDING', id: 'f' },
  title: 'Brake pipes',
  count: 1,
}
const standing: Proof = {
  id: 'brake-standing',
  name: 'The brakes hold at rest',
  how: 'Press hard for 60 seconds.',
  gate: 'FIRST_MOVE',
  next: false,
  system: 'BRAKES',
  value: { name: 'Held without sinking', unit: 's', least: 60 },
  until: false,
  source: { work: 'common practice', year: '', place: '', verified: false },
  stands: false,
  records: [
    {
      id: 'p1',
      projectId: 'car',
      proof: 'brake-standing',
      doneOn: '2026-11-01',
      value: 62,
      note: '',
      by: 'Ines',
      voidedBy: 'Renew the hoses',
    },
  ],
}
const after = (km: number, next: boolean): Proof => {
  const outstanding: Proof = { ...standing, id: `after-${km}`, name: `After ${km} km`, afterKm: km, next, records: [] }
  delete outstanding.value
  delete outstanding.gate
  return outstanding
}
const shut: GateName[] = ['FIRST_MOVE', 'PRIVATE_GROUND', 'ROAD_TEST', 'ROAD', 'TRIP', 'SALE']
const road: Road = {
  gates: (['PUSHED', 'FIRST_START', ...shut] as GateName[]).map((gate) => ({
    gate,
    open: !shut.includes(gate),
    blockers: shut.includes(gate) ? 2 : 0,
    row: shut.includes(gate) ? ['FIRST_MOVE', gate] : [gate],
  })),
  blockers: [
    pipe,
    { ...pipe, rule: 'CHECKS_UNANSWERED', remedy: { kind: 'CHECKS', id: 'BRAKES' }, title: '', count: 9 },
  ],
  proofs: [standing, after(1, true), after(10, false)],
  fasteners: [
    {
      id: 'x',
      projectId: 'car',
      title: 'Caliper bolts',
      system: 'BRAKES',
      tightness: 'BY_FEEL',
      source: '',
      version: 0,
    },
  ],
}

beforeEach(() => {
  server
    .when('GET /api/projects/car/road', road)
    .when('GET /api/projects/car/findings', [{ id: 'f', kind: 'LEAK', zone: 'brake-pipes', note: '' }])
    .when('GET /api/projects/car', { bodyStyle: 'ESTATE' })
    .when('GET /api/projects/car/drawing', {
      style: 'ESTATE',
      zones: [{ id: 'brake-pipes', name: 'Brake pipes', side: 'NONE' }],
      views: [],
    })
    .when('GET /api/projects/car/jobs', { chains: [], jobs: [], progress: {} })
  show(<RoadPage />, '/p/car/road', '/p/:projectId/road')
})

it('says the next gate and what keeps it shut, gravest first, each with its remedy', async () => {
  expect(await screen.findByText(/Next: First move under its own power. 2 items/)).toBeInTheDocument()
  expect(await screen.findByRole('link', { name: 'Leaks: Brake pipes' })).toHaveAttribute(
    'href',
    '/p/car/walk?finding=f',
  )
  expect(screen.getByRole('link', { name: 'Brakes: 9 checks still to be done properly' })).toHaveAttribute(
    'href',
    '/p/car/walk/checks',
  )
  await userEvent.click(screen.getByRole('button', { name: /First start/ }))
  expect(screen.getByText(/First start: nothing recorded is in the way/)).toBeInTheDocument()
})

it('offers the next distance only, and says what voided a test', async () => {
  expect(await screen.findByRole('button', { name: 'After 1 km' })).toBeInTheDocument()
  expect(screen.queryByRole('button', { name: 'After 10 km' })).not.toBeInTheDocument()
  expect(screen.getByText(/void: Renew the hoses/)).toBeInTheDocument()
  expect(screen.getByText('by feel')).toBeInTheDocument()
})

it('records a test with what was read', async () => {
  const path = 'POST /api/projects/car/proofs'
  server.when(path, undefined)
  await userEvent.click(await screen.findByRole('button', { name: 'The brakes hold at rest' }))
  const sheet = within(screen.getByRole('dialog'))
  expect(sheet.getByText('Press hard for 60 seconds.')).toBeInTheDocument()
  await userEvent.click(sheet.getByRole('button', { name: 'It is good: record it' }))
  expect(await sheet.findByText('Enter a number.')).toBeInTheDocument()
  expect(server.writes(path)).toHaveLength(0)
  await userEvent.type(sheet.getByLabelText(/Held without sinking/), '75')
  await userEvent.click(sheet.getByRole('button', { name: 'It is good: record it' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({ proof: 'brake-standing', value: 75 })
})

it('records to which figure a fastener is tightened, and whence it comes', async () => {
  const path = 'PUT /api/projects/car/fasteners'
  server.when(path, {})
  await userEvent.click(await screen.findByRole('button', { name: 'Caliper bolts' }))
  const sheet = within(screen.getByRole('dialog'))
  await userEvent.selectOptions(sheet.getByLabelText('How it is tightened'), 'to a torque figure')
  await userEvent.type(sheet.getByLabelText('Torque, N m'), '65')
  await userEvent.type(sheet.getByLabelText(/Where the figure comes from/), 'Manual, page 112')
  await userEvent.click(sheet.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({
    id: 'x',
    tightness: 'FIGURE',
    newtonMetres: 65,
    source: 'Manual, page 112',
  })
})

it('leads from every kind of blocker somewhere', () => {
  const kinds: Blocker['remedy']['kind'][] = [
    'FINDING',
    'JOB',
    'CHECKS',
    'READING',
    'CODES',
    'STRIP_DOWN',
    'FASTENER',
    'PART',
    'OUTSTANDING',
    'PROOF',
  ]
  for (const kind of kinds) expect(remedyOf('car', { ...pipe, remedy: { kind, id: 'a b' } })).toMatch(/^\/p\/car\//)
})
