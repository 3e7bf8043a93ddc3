import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { RecipesPage } from './RecipesPage'

const put = 'PUT /api/own-recipes'
const step = (title: string, from: number) => ({
  from,
  title,
  operation: 'REPLACE',
  optimisticMinutes: 15,
  likelyMinutes: 60,
  pessimisticMinutes: 120,
  people: 1,
  waitHours: 0,
  tools: ['Trammel'],
})

beforeEach(() => {
  server.when(put, undefined)
  server.when('GET /api/recipes', [
    {
      recipe: 'radiator',
      title: '{zone}: new one',
      things: ['Radiator'],
      places: [],
      natures: [],
      steps: [step('Recored or new, with hoses: {zone}', 0)],
      cautions: [],
      version: 0,
      locked: false,
    },
    {
      recipe: 'belts',
      title: '{zone}: renew with approved parts',
      things: [],
      places: ['belts'],
      natures: [],
      steps: [step('Renew with approved parts: {zone}', 0)],
      cautions: [],
      version: 0,
      locked: true,
    },
  ])
  server.when('GET /api/projects/car/anatomy', [])
  server.when('GET /api/projects/car/drawing', { zones: [{ id: 'belts', name: 'Belts', side: 'NONE' }], others: [] })
})

const page = () => show(<RecipesPage />, '/p/car/work/recipes', '/p/:projectId/work/recipes')

it('changes the hours of a recipe and leaves where it is on alone', async () => {
  page()
  await userEvent.click(await screen.findByRole('button', { name: 'Radiator: new one' }))
  const likely = screen.getByLabelText('Hours, likely')
  await userEvent.clear(likely)
  await userEvent.type(likely, '8')
  await userEvent.click(screen.getByRole('button', { name: 'Keep it as our own' }))
  expect(await screen.findByText(/At best, likely, at worst/)).toBeInTheDocument()
  expect(server.writes(put)).toHaveLength(0)
  const worst = screen.getByLabelText('Hours at worst')
  await userEvent.clear(worst)
  await userEvent.type(worst, '12,5')
  await userEvent.click(screen.getByRole('button', { name: 'Keep it as our own' }))
  await waitFor(() => expect(server.writes(put)).toHaveLength(1))
  expect(server.writes(put)[0]!.body).toMatchObject({
    recipe: 'radiator',
    title: '{zone}: new one',
    steps: [
      {
        from: 0,
        title: 'Recored or new, with hoses: {zone}',
        likelyMinutes: 480,
        pessimisticMinutes: 750,
        tools: ['Trammel'],
      },
    ],
  })
})

it('shows what is locked and does not let it be changed', async () => {
  page()
  await userEvent.type(await screen.findByLabelText('Find a recipe'), 'approved')
  await userEvent.click(screen.getByRole('button', { name: 'Belts: renew with approved parts' }))
  expect(within(screen.getByRole('dialog')).getByText('Renew with approved parts')).toBeInTheDocument()
  expect(screen.getByText(/stays as it is/)).toBeInTheDocument()
  expect(screen.queryByRole('button', { name: 'Keep it as our own' })).not.toBeInTheDocument()
})

it('reads the file of a friend', async () => {
  server.when('POST /api/own-recipes/file', { count: 2 })
  page()
  const file = new File(['- {id: radiator}'], 'friend.yaml', { type: 'application/yaml' })
  await userEvent.upload(await screen.findByLabelText('Read a file of recipes'), file)
  await waitFor(() => expect(server.writes('POST /api/own-recipes/file')).toHaveLength(1))
  expect(server.writes('POST /api/own-recipes/file')[0]!.body).toEqual({ text: '- {id: radiator}' })
})
