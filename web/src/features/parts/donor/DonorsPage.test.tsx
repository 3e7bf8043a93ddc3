import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { DonorsPage } from './DonorsPage'

const piece = (stockId: string, more: object = {}) => ({
  stockId,
  title: `Piece ${stockId}`,
  side: 'NONE',
  quantity: 1,
  condition: 'GOOD',
  verdict: 'SPARE',
  fate: 'UNDECIDED',
  stillOn: true,
  valueMinor: 1000,
  soldMinor: 0,
  version: 4,
  ...more,
})
const open = (pieces: object[]) => {
  server.when('GET /api/projects/car/donors', [
    {
      id: 'd',
      projectId: 'car',
      placeId: 'yard',
      kind: 'VEHICLE',
      name: 'The barn saloon',
      costMinor: 65000,
      boughtOn: '2026-01-01',
      goneBy: '2026-06-01',
      note: '',
      version: 1,
      soldMinor: 14000,
      hopedMinor: 9000,
      netMinor: 51000,
      unsharedMinor: 0,
      toStrip: 1,
      pieces,
    },
  ])
  server.when('GET /api/projects/car/harvest', [
    {
      needId: 'n',
      title: 'Radiator',
      side: 'NONE',
      quantity: 1,
      unit: 'PIECE',
      tell: ['three rows'],
      tools: ['Spanner'],
      limitMinor: 4000,
    },
  ])
  show(<DonorsPage />, '/p/car/parts/donors', '/p/:projectId/parts/donors')
}

it('says what it has cost in cash, and what is only hoped for', async () => {
  open([piece('a', { quantity: 0, stillOn: false, soldMinor: 14000, shareMinor: 65000 })])
  expect(await screen.findByText(/The barn saloon has cost €510.00 so far; €90.00 more is hoped for/)).toBeVisible()
  expect(screen.getByText(/Paid €650.00, €140.00 came back: €510.00/)).toBeVisible()
  expect(screen.getByText(/good · gone · bears €650.00 · sold for €140.00/)).toBeVisible()
  expect(screen.getByText(/The right one: three rows/)).toBeVisible()
  expect(screen.getByText(/Take along: Spanner/)).toBeVisible()
})

it('judges a piece, and keeps its value', async () => {
  open([piece('a')])
  server.when('PUT /api/stock/a/verdict', undefined)
  await userEvent.selectOptions(
    await screen.findByRole('combobox', { name: 'What is it good for?: Piece a' }),
    'better than ours',
  )
  await waitFor(() => expect(server.writes('PUT /api/stock/a/verdict')).toHaveLength(1))
  expect(server.writes('PUT /api/stock/a/verdict')[0]!.body).toEqual({
    verdict: 'BETTER',
    valueMinor: 1000,
    version: 4,
  })
})

it('adds one piece after the other', async () => {
  open([])
  server.when('POST /api/donors/d/pieces', undefined)
  await userEvent.click(await screen.findByText('Add a piece', { selector: 'summary' }))
  await userEvent.type(screen.getByLabelText('What is it?'), 'Rear axle')
  await userEvent.click(screen.getByRole('button', { name: 'Add a piece' }))
  await waitFor(() => expect(server.writes('POST /api/donors/d/pieces')).toHaveLength(1))
  expect(server.writes('POST /api/donors/d/pieces')[0]!.body).toMatchObject({ title: 'Rear axle', verdict: 'UNKNOWN' })
  expect(screen.getByLabelText('What is it?')).toHaveValue('')
})
