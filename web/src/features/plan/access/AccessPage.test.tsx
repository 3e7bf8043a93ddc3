import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { Refusal, server } from '@/test/server'
import { AccessPage } from './AccessPage'

const access = (id: string, name: string, more: object = {}) => ({
  id,
  name,
  stripName: `${name}, open`,
  refitName: `${name}, back`,
  needs: [],
  stripMinutes: 60,
  refitMinutes: 120,
  people: 1,
  excludes: [],
  usesUp: [],
  neverTemporary: false,
  cautions: [],
  version: 0,
  ...more,
})
const stripDown = (access: string, jobs: string[], more: object = {}) => ({
  stripDown: `${access}-${jobs.join('')}`,
  access,
  jobs,
  direct: jobs,
  around: [],
  minutes: 180,
  temporary: false,
  asks: [] as string[],
  version: 0,
  ...more,
})
const vehicleAccess = {
  accesses: [
    access('stands', 'On stands'),
    access('gearbox', 'Gearbox out', { needs: ['stands'], people: 2, cautions: ['HOIST'] }),
    access('coolant', 'Coolant drained', { drained: { circuit: 'COOLANT', litres: 5.2 } }),
  ],
  stripDowns: [
    stripDown('stands', ['a', 'b'], { direct: [] }),
    stripDown('gearbox', ['a', 'b'], { around: ['stands-ab'], minutes: 360, asks: ['ISOLATED', 'SUPPORTED'] }),
    stripDown('coolant', ['c'], { openedOn: '2026-03-01', version: 1 }),
  ],
  proposals: [{ access: 'gearbox', stripDowns: ['s', 't'], savedMinutes: 780, savedLitres: 1.5 }],
  totals: {
    jobMinutes: 600,
    stripDownMinutes: 540,
    savedMinutes: 180,
    savedLitres: 0,
    litres: { COOLANT: 5.2, FUEL: 40 },
  },
  usedUp: { 'Input shaft seal': 1 },
  drains: { COOLANT: 2 },
  afterReconnecting: ['CLOCK'],
}
const jobs = {
  jobs: ['a', 'b', 'c'].map((id) => ({
    id,
    code: id.toUpperCase(),
    title: `Job ${id}`,
    state: 'PLANNED',
    over: false,
  })),
}
const open = (splits: object[] = []) => {
  server.when('GET /api/projects/car/plan/splits', splits)
  server.when('GET /api/projects/car/access', vehicleAccess).when('GET /api/projects/car/jobs', jobs)
  show(<AccessPage />, '/p/car', '/p/:projectId')
}

it('counts each opening once and says what sharing spares and could spare', async () => {
  open()
  expect(await screen.findByText(/10 h of work and 9 h of strip and refit/)).toHaveTextContent(
    'Sharing saves 3 h. Up to 13 h more, if some of it may wait.',
  )
  expect(screen.getByText('1 × Input shaft seal')).toBeInTheDocument()
  expect(screen.getByText('5.2 l coolant · drained 2 times so far')).toBeInTheDocument()
  expect(screen.getByText('40 l fuel')).toBeInTheDocument()
  expect(screen.getByText(/6 h in all, needs:/).parentElement).toHaveTextContent('On stands')
})

const later = {
  possible: true,
  milestones: [{ aim: 'RUNNER', before: '2026-03-20T20:00:00Z', after: '2026-03-12T20:00:00Z' }],
  moved: [],
}

it('says what one opening instead of several does to the dates, when asked', async () => {
  const path = 'POST /api/projects/car/plan/preview-joined'
  server.when(path, later)
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'What it does to the dates: Gearbox out' }))
  expect(await screen.findByText(/Running: .*20 Mar → .*12 Mar/)).toBeInTheDocument()
  expect(server.writes(path)[0]!.body).toEqual({ stripDowns: ['s', 't'] })
})

it('proposes to open twice what waits for a fixed time', async () => {
  server.when('POST /api/projects/car/plan/preview-split', later)
  open([
    {
      stripDown: 'gearbox-ab',
      leaving: [{ kind: 'JOB', id: 'b', title: 'Job b' }],
      because: { kind: 'APPOINTMENT', id: 'x', title: 'Inspection' },
    },
  ])
  expect(
    await screen.findByText('Gearbox out waits for “Inspection”, though only this needs to: Job b.'),
  ).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Strip it down twice?: Gearbox out' }))
  expect(await screen.findByText(/Running: /)).toBeInTheDocument()
  expect(server.writes('POST /api/projects/car/plan/preview-split')[0]!.body).toEqual({
    stripDown: 'gearbox-ab',
    jobs: ['b'],
  })
})

it('makes one of several openings', async () => {
  const path = 'POST /api/projects/car/access/merge'
  server.when(path, undefined)
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'Combine them: Gearbox out' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toEqual({ access: 'gearbox', stripDowns: ['s', 't'] })
})

it('lets one job out into an opening of its own', async () => {
  const path = 'POST /api/projects/car/access/split'
  server.when(path, undefined).when('POST /api/projects/car/plan/preview-split', later)
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'Its own strip-down: Job b' }))
  expect(await screen.findByText(/One more strip-down: /)).toBeInTheDocument()
  expect(await screen.findByText(/Running: /)).toBeInTheDocument()
  expect(server.writes(path)).toHaveLength(0)
  await userEvent.click(screen.getByRole('button', { name: 'Give it its own strip-down' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({ access: 'gearbox', stripDown: 'gearbox-ab', jobs: ['b'] })
})

it('closes for now only what may be, and shows why it cannot be closed', async () => {
  const path = 'POST /api/projects/car/access/coolant-c/close'
  server.when(path, new Refusal(409, { code: 'strip-down.job-open', detail: '“Job c” still needs it open.' }))
  open()
  expect(await screen.findByRole('button', { name: /Refit for now.*Coolant drained/ })).toBeInTheDocument()
  expect(screen.queryByRole('button', { name: /Refit for now.*Gearbox out/ })).not.toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Refit it: Coolant drained' }))
  expect(await screen.findByText('“Job c” still needs it open.')).toBeInTheDocument()
  expect(server.writes(path)[0]!.body).toEqual({ version: 1 })
})

it('says what pays while it is open, and what can wait', async () => {
  server.when('GET /api/projects/car/access/gearbox-ab/while-open', [
    {
      kind: 'AGEING',
      id: 'x',
      title: 'Release bearing',
      nowMinutes: 51,
      laterMinutes: 536,
      probability: 0.49,
      doNow: true,
    },
    { kind: 'AGEING', id: 'y', title: 'Mounting', nowMinutes: 90, laterMinutes: 40, probability: 0.05, doNow: false },
  ])
  const path = 'POST /api/projects/car/access/gearbox-ab/ageing'
  server.when(path, undefined)
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'While it is apart: Gearbox out' }))
  expect(await screen.findByText(/Release bearing: 51 min now, against 8 h 56 min later/)).toBeInTheDocument()
  expect(screen.getAllByRole('listitem').filter((l) => l.textContent?.startsWith('Wait'))).toHaveLength(1)
  await userEvent.click(screen.getByRole('button', { name: 'Add it: Release bearing' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({ part: 'x' })
})

it('asks for hours that are numbers in a way in of one’s own', async () => {
  const path = 'PUT /api/projects/car/access/own'
  server.when(path, undefined)
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'Add your own access' }))
  await userEvent.type(screen.getByLabelText('What has to come off or out'), 'Hatch in the floor')
  await userEvent.type(screen.getByLabelText('To strip, hours'), '-1')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  expect(await screen.findAllByText('Enter hours, such as 1.5.')).toHaveLength(2)
  await userEvent.clear(screen.getByLabelText('To strip, hours'))
  await userEvent.type(screen.getByLabelText('To strip, hours'), '0,5')
  await userEvent.type(screen.getByLabelText('To refit, hours'), '1')
  await userEvent.click(screen.getByLabelText('On stands'))
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({ stripMinutes: 30, refitMinutes: 60, needs: ['stands'] })
})

it('opens a way in only after its dangers, each condition ticked, and names sound points where the usual ones are weak', async () => {
  const path = 'POST /api/projects/car/access/gearbox-ab/open'
  server.when(
    path,
    new Refusal(422, { code: 'strip-down.support', detail: 'Do not jack it or stand it on: Sill, left.' }),
  )
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'Strip it down: Gearbox out' }))
  expect(screen.getByText(/nobody below/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('checkbox', { name: /^Battery disconnected/ }))
  await userEvent.click(screen.getByRole('checkbox', { name: /^On rated stands/ }))
  await userEvent.click(screen.getByRole('button', { name: 'It is stripped down now' }))
  await userEvent.type(await screen.findByLabelText('Sound points to support it instead'), 'axle tube, chassis leg')
  await userEvent.click(screen.getByRole('button', { name: 'It is stripped down now' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(2))
  expect(server.writes(path)[1]!.body).toEqual({
    confirmed: ['ISOLATED', 'SUPPORTED'],
    supportPoints: 'axle tube, chassis leg',
  })
})
