import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { AnatomyPage } from './AnatomyPage'

const put = 'PUT /api/projects/car/own-components'
const part = (id: string, name: string, more = {}) => ({
  id,
  name,
  system: 'BRAKES',
  places: ['front-brakes'],
  kinds: ['WORN'],
  symptom: false,
  ...more,
})

beforeEach(() => {
  server.when(put, undefined)
  server.when('GET /api/projects/car/anatomy', [
    part('brake-disc-front', 'Front brake disc'),
    part('tyre', 'Winter tyre', { system: 'WHEELS_AND_TYRES', places: ['front-wheel'] }),
    part('overheats', 'Overheats', { symptom: true }),
  ])
  server.when('GET /api/projects/car/drawing', {
    zones: [
      { id: 'front-brakes', name: 'Front brakes', side: 'NONE' },
      { id: 'front-wheel-left', name: 'Front wheel', side: 'LEFT' },
    ],
    others: [],
  })
  server.when('GET /api/projects/car/own-components', {
    said: [
      { id: '1', component: 'tyre', name: 'Winter tyre', absent: false, version: 3 },
      { id: '2', component: 'hub-cap', absent: true, version: 0 },
    ],
    usual: { tyre: 'Tyre', 'hub-cap': 'Hub cap' },
    natures: ['mechanism', 'seal'],
  })
})

const page = () => show(<AnatomyPage />, '/p/car/walk/parts', '/p/:projectId/walk/parts')

it('finds a part by its name, with what it is usually called, and what is not there by itself', async () => {
  page()
  expect(await screen.findByText(/2 parts that such a vehicle may have/)).toBeInTheDocument()
  expect(screen.queryByText('Overheats')).not.toBeInTheDocument()
  expect(screen.getByRole('heading', { name: 'Not on this vehicle' })).toBeInTheDocument()
  expect(screen.getByText('Hub cap')).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText('Find a part'), 'winter')
  expect(screen.getByText(/Front wheel · usually called: Tyre/)).toBeInTheDocument()
  expect(screen.queryByText('Front brake disc')).not.toBeInTheDocument()
})

it('says what is fitted instead of the original', async () => {
  page()
  await userEvent.click(await screen.findByRole('button', { name: 'Change: Front brake disc', hidden: true }))
  await userEvent.type(screen.getByLabelText('What is fitted, if not the original'), 'vented, 1974')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes(put)).toHaveLength(1))
  expect(server.writes(put)[0]!.body).toMatchObject({
    component: 'brake-disc-front',
    notOriginal: 'vented, 1974',
    absent: false,
    version: 0,
  })
})

it('adds a part that nobody knew, with its place and kind', async () => {
  page()
  await userEvent.click(await screen.findByRole('button', { name: 'Add a part' }))
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  expect(await screen.findByText('Fill this in.')).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText('What it is called'), 'Winch')
  await userEvent.selectOptions(screen.getByLabelText('What kind of thing it is'), 'mechanism')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes(put)).toHaveLength(1))
  expect(server.writes(put)[0]!.body).toMatchObject({
    component: expect.stringMatching(/^own-/),
    name: 'Winch',
    place: 'front-brakes',
    nature: 'mechanism',
  })
})
