import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { SecondLookPage } from './SecondLookPage'

const finding = (id: string, kind: string, state = 'OPEN') => ({
  id,
  projectId: 'car',
  zone: 'sill-left',
  kind,
  state,
  safetyClass: 'B',
  note: `note of ${id}`,
  foundOn: '2026-03-01',
  firstPhoto: `photo-${id}`,
})
const path = 'POST /api/findings/f2/second-looks'

beforeEach(() => {
  server
    .when('GET /api/projects/car', { id: 'car', bodyStyle: 'ESTATE' })
    .when('GET /api/projects/car/drawing', { style: 'ESTATE', views: [], zones: [] })
    .when('GET /api/projects/car/findings', [
      finding('f1', 'LEAK'),
      finding('f2', 'DENT'),
      finding('f3', 'CRACK', 'CLOSED'),
    ])
    .when('GET /api/projects/car/second-looks', [
      {
        id: 'l',
        findingId: 'f1',
        lookedOn: '2026-04-01',
        compared: 'WORSE',
        note: 'drips now',
        firstPhoto: 'photo-now',
      },
    ])
  show(<SecondLookPage />, '/p/car/walk/second-look', '/p/:projectId/walk/second-look')
})

it('puts before and now beside each other, what is left to look at first', async () => {
  expect(await screen.findByText(/One finding to look at again. One is worse: Leaks/)).toBeInTheDocument()
  const cards = screen.getAllByRole('article')
  expect(cards).toHaveLength(2)
  expect(within(cards[0]!).getByText('Not looked at again')).toBeInTheDocument()
  const seen = within(cards[1]!)
  expect(seen.getByRole('img', { name: 'Before, 1 March' })).toHaveAttribute('src', expect.stringContaining('photo-f1'))
  expect(seen.getByRole('img', { name: 'Now, 1 April' })).toHaveAttribute('src', expect.stringContaining('photo-now'))
  expect(seen.getByText(/drips now/)).toBeInTheDocument()
})

it('keeps what is different in one press', async () => {
  server.when(path, undefined)
  const card = within((await screen.findAllByRole('article'))[0]!)
  await userEvent.type(card.getByLabelText('What is different'), 'deeper')
  await userEvent.click(card.getByRole('button', { name: 'Worse' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({ compared: 'WORSE', note: 'deeper' })
})
