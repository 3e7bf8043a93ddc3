import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { ShelfPage } from './ShelfPage'
import { placePath } from './placePath'

const stock = (id: string, more: object = {}) => ({
  id,
  title: `Thing ${id}`,
  quantity: 4,
  unit: 'PIECE',
  side: 'NONE',
  placeId: 'box',
  placeCode: 'HWT',
  placeName: 'Box of trim',
  condition: 'GOOD',
  origin: 'GIVEN',
  fate: 'UNDECIDED',
  note: '',
  buyer: '',
  isLow: false,
  isToCollect: false,
  version: 2,
  ...more,
})
const places = [
  { id: 'loft', code: '4NC', name: 'Loft' },
  { id: 'box', code: 'HWT', name: 'Box of trim', within: 'loft' },
]
const open = (things: object[], low: object[] = [], several: object[] = []) => {
  server.when('GET /api/shelf', { things, low, several, more: false })
  server.when('GET /api/places', places)
  server.when('GET /api/projects/car/jobs', { jobs: [], proposals: [] })
  server.when('GET /api/projects/car/needs', [
    { id: 'n', title: 'Piston rings', state: 'ACCEPTED', placeId: 'box', quantity: 1, unit: 'PIECE' },
  ])
  show(<ShelfPage />, '/p/car/parts/shelf', '/p/:projectId/parts/shelf')
}

it('names a place with those that it is in', () => {
  expect(placePath(places, 'box')).toBe('Loft › Box of trim')
  expect(placePath(places, 'gone')).toBe('')
})

it('says what lies where, what to buy again and what is kept for a job', async () => {
  open([stock('a', { isToCollect: true, buyer: 'Ada', fate: 'SELL' })], [stock('b', { isLow: true }), stock('c')])
  expect(await screen.findByRole('heading', { name: 'Loft › Box of trim' })).toBeVisible()
  expect(screen.getByText(/good · had it already · sold to Ada, to be collected/)).toBeVisible()
  expect(screen.getByText(/Buy Thing b again, and 1 more/)).toBeVisible()
  expect(screen.getByRole('link', { name: /Piston rings/ })).toHaveAttribute('href', '/p/car/parts?need=n')
})

it('counts a place, and changes only what differs', async () => {
  open([stock('a'), stock('b')])
  server.when('POST /api/shelf/counts', undefined)
  await userEvent.click(await screen.findByRole('button', { name: 'Count this place' }))
  await userEvent.type(screen.getByLabelText('Thing a'), '3')
  await userEvent.type(screen.getByLabelText('Thing b'), '4')
  await userEvent.click(screen.getByRole('button', { name: 'Save the count' }))
  await waitFor(() => expect(server.writes('POST /api/shelf/counts')).toHaveLength(1))
  expect(server.writes('POST /api/shelf/counts')[0]!.body).toMatchObject({
    counts: [{ stockId: 'a', found: 3, version: 2 }],
  })
})

it('takes off the shelf what was sold', async () => {
  open([stock('a')])
  server.when('POST /api/stock/a/moves', stock('a', { quantity: 1 }))
  server.when('GET /api/stock/a/moves', [])
  server.when('GET /api/attachments', [])
  await userEvent.click(await screen.findByRole('button', { name: /Thing a/ }))
  const sheet = within(await screen.findByRole('dialog'))
  await userEvent.click(sheet.getByText('It has gone'))
  await userEvent.clear(sheet.getByLabelText('How many'))
  await userEvent.type(sheet.getByLabelText('How many'), '3')
  await userEvent.click(sheet.getByRole('button', { name: 'Take it off the shelf' }))
  await waitFor(() => expect(server.writes('POST /api/stock/a/moves')).toHaveLength(1))
  expect(server.writes('POST /api/stock/a/moves')[0]!.body).toMatchObject({ kind: 'SOLD', pieces: 3, version: 2 })
})

it('shows what is for sale, and decides about several of one', async () => {
  open(
    [
      stock('a', { title: 'Winder', fate: 'SELL' }),
      stock('b', { title: 'Winder', condition: 'WORN' }),
      stock('c', { isToCollect: true, buyer: 'Ada' }),
    ],
    [],
    [{ best: 'a', others: ['b'] }],
  )
  server.when('POST /api/shelf/fates', undefined)
  expect(await screen.findByText('Winder: the best of 2 is the good one in HWT.')).toBeVisible()
  await userEvent.selectOptions(screen.getByLabelText('Show'), 'what is for sale')
  expect(screen.queryByRole('button', { name: /Thing c/ })).toBeNull()
  expect(screen.queryByRole('link', { name: /Piston rings/ })).toBeNull()
  await userEvent.click(screen.getByRole('button', { name: 'Keep it, sell the rest' }))
  await waitFor(() => expect(server.writes('POST /api/shelf/fates')).toHaveLength(1))
  expect(server.writes('POST /api/shelf/fates')[0]!.body).toEqual({
    fates: [
      { stockId: 'a', fate: 'KEEP', version: 2 },
      { stockId: 'b', fate: 'SELL', version: 2 },
    ],
  })
})
