import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { FaultCodesPage } from './FaultCodesPage'

const line = (module: string, code: string, standing: string) => ({
  code: { module, code },
  standing,
  first: '2026-03-01',
  last: '2026-04-01',
})
const faults = {
  lines: [line('Engine', 'P0562', 'CAME_BACK'), line('Body', 'B1000', 'STILL'), line('Engine', 'P0301', 'GONE')],
  trend: [
    { on: '2026-03-01', codes: 5, afterDrive: false },
    { on: '2026-04-01', codes: 2, afterDrive: true },
  ],
  left: [{ cause: 'earth strap', codes: 2 }],
  causes: [{ module: 'Engine', code: 'P0562', cause: 'earth strap', jobId: 'j', version: 3 }],
  clear: false,
}
const open = (answer: object) => {
  server.when('GET /api/projects/car/fault-codes', answer)
  server.when('GET /api/projects/car/jobs', { jobs: [{ id: 'j', code: 'W1', title: 'Clean the earths' }] })
  show(<FaultCodesPage />, '/p/car', '/p/:projectId')
}

it('tells progress, what came back and where to begin', async () => {
  open(faults)
  const answer = await screen.findByText(/2 codes left of 5/)
  expect(answer).toHaveTextContent('P0562 came back: erased, not cured.')
  expect(answer).toHaveTextContent('Start with “earth strap”: it accounts for 2 codes.')
  expect(await screen.findByRole('link', { name: 'W1 Clean the earths' })).toHaveAttribute('href', '/p/car/work?job=j')
  expect(screen.getByText('One is gone: P0301 (Engine).')).toBeInTheDocument()
})

it('is not content with no code before a drive', async () => {
  open({ ...faults, lines: [], trend: [{ on: '2026-04-01', codes: 0, afterDrive: false }], left: [] })
  expect(await screen.findByText(/has not been driven since/)).toBeInTheDocument()
})

it('sends what was typed, a module to a line', async () => {
  const path = 'POST /api/projects/car/fault-codes'
  server.when(path, undefined)
  open(faults)
  await userEvent.click(await screen.findByRole('button', { name: 'Enter a reading' }))
  await userEvent.type(screen.getByLabelText('What the modules say'), 'P0301')
  await userEvent.click(screen.getByRole('button', { name: 'Save the reading' }))
  expect(await screen.findByText(/Write the module, a colon/)).toBeInTheDocument()
  expect(server.writes(path)).toHaveLength(0)
  await userEvent.clear(screen.getByLabelText('What the modules say'))
  await userEvent.type(screen.getByLabelText('What the modules say'), 'Engine: P0301 P0562')
  expect(screen.getByText('2 codes.')).toBeInTheDocument()
  await userEvent.click(screen.getByLabelText('Read after a drive'))
  await userEvent.click(screen.getByRole('button', { name: 'Save the reading' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({
    afterDrive: true,
    codes: [
      { module: 'Engine', code: 'P0301' },
      { module: 'Engine', code: 'P0562' },
    ],
  })
})

it('offers the known causes and the jobs, and changes the cause that is there', async () => {
  const path = 'PUT /api/projects/car/fault-codes/causes'
  server.when(path, undefined)
  open(faults)
  await userEvent.click(await screen.findByRole('button', { name: 'Name the cause: P0562' }))
  await userEvent.type(screen.getByLabelText('Cause'), ' at the gearbox')
  await userEvent.click(screen.getByRole('button', { name: 'Save the cause' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toEqual({
    module: 'Engine',
    code: 'P0562',
    cause: 'earth strap at the gearbox',
    jobId: 'j',
    version: 3,
  })
})
