import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { Refusal, server } from '@/test/server'
import { OutstandingPage } from './OutstandingPage'

const outstanding = (id: string, due: boolean, more: object = {}) => ({
  due,
  row: {
    id,
    projectId: 'car',
    kind: 'FOR_NOW',
    what: 'Taped',
    later: `Later ${id}`,
    when: 'EVENT',
    event: 'after the trip',
    happened: false,
    version: 4,
    ...more,
  },
})
const open = (outstandingItems: object[]) => {
  server.when('GET /api/projects/car/outstanding', outstandingItems)
  server.when('GET /api/projects/car', { bodyStyle: 'ESTATE' })
  server.when('GET /api/projects/car/drawing', {
    views: [],
    zones: [{ id: 'tailgate', name: 'Tailgate', side: 'NONE' }],
  })
  server.when('GET /api/projects/car/jobs', { jobs: [] }).when('GET /api/projects/car/needs', [])
  show(<OutstandingPage />, '/p/car', '/p/:projectId')
}

it('puts first what has come due, and lets an event have happened', async () => {
  const path = 'POST /api/outstanding/b/happened'
  server.when(path, undefined)
  open([outstanding('b', false), outstanding('a', true), outstanding('c', false, { settledOn: '2026-02-01' })])
  expect(await screen.findByText(/One item is due: Later a/)).toHaveTextContent('One item outstanding: Later b.')
  expect(screen.getAllByRole('heading', { level: 2 }).map((h) => h.textContent)).toEqual([
    'Do it now',
    'Later',
    'Settled',
  ])
  await userEvent.click(screen.getByRole('button', { name: 'It has happened: after the trip' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toEqual({ version: 4 })
})

it('shows why something cannot be owed and keeps what was typed', async () => {
  const path = 'POST /api/projects/car/outstanding'
  server.when(
    path,
    new Refusal(422, { code: 'outstanding.never-temporary', detail: 'Braking is never mended for now.' }),
  )
  open([])
  await userEvent.click(await screen.findByRole('button', { name: 'Add an outstanding item' }))
  await userEvent.type(screen.getByLabelText('Temporary repair'), 'Hose tied')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  expect(await screen.findByText('Fill this in.')).toBeInTheDocument()
  expect(server.writes(path)).toHaveLength(0)
  await userEvent.type(screen.getByLabelText('Permanent repair'), 'New hose')
  await userEvent.selectOptions(screen.getByLabelText('When'), 'DATE')
  expect(screen.queryByLabelText('What has to happen')).not.toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  expect(await screen.findByText('Braking is never mended for now.')).toBeInTheDocument()
  expect(screen.getByLabelText('Temporary repair')).toHaveValue('Hose tied')
})

it('keeps what is on loan, and calls it by what it is', async () => {
  const path = 'POST /api/projects/car/outstanding'
  server.when(path, undefined)
  open([
    outstanding('a', false, {
      kind: 'LOAN',
      what: 'Starter',
      later: 'The second car',
      when: 'DATE',
      dueOn: '2026-05-01',
    }),
  ])
  expect(await screen.findByText(/One item outstanding: Starter: on loan/)).toBeInTheDocument()
  expect(screen.getByRole('button', { name: 'Done for good: Starter: on loan' })).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Add an outstanding item' }))
  await userEvent.selectOptions(screen.getByLabelText('Kind'), 'LEFT_OFF')
  await userEvent.type(screen.getByLabelText('What is left off'), 'Rear bumper')
  await userEvent.type(screen.getByLabelText('Why it can stay off'), 'Looks better')
  await userEvent.type(screen.getByLabelText('What has to happen'), 'somebody asks for it')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({ kind: 'LEFT_OFF', what: 'Rear bumper', gas: false })
})
