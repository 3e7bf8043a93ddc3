import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { PartsPage } from './PartsPage'

const need = (id: string, more: object = {}) => ({
  id,
  projectId: 'car',
  title: `Part ${id}`,
  side: 'NONE',
  quantity: 1,
  unit: 'PIECE',
  estimateMinor: 0,
  leadDays: 7,
  essential: true,
  state: 'NEEDED',
  stateReason: '',
  gradeReason: '',
  pairWaiver: '',
  holdWaiver: '',
  againWaiver: '',
  mustMatch: '',
  sameAs: id,
  version: 3,
  ...more,
})
const task = (kind: string, needId: string, more: object = {}) => ({
  kind,
  needId,
  title: `Part ${needId}`,
  side: 'NONE',
  supplier: 'Alder & Finch',
  estimateMinor: 0,
  holdsItsJob: false,
  ...more,
})
const open = (
  needs: object[],
  tasks: object[] = [],
  orders: object[] = [],
  at = '/p/car/parts',
  conversions: object[] = [],
) => {
  server.when('GET /api/projects/car/needs', needs)
  server.when('GET /api/projects/car/needs/variants', [])
  server.when('GET /api/projects/car/needs/objections', [])
  server.when('GET /api/projects/car/parts/tasks', { tasks, onHold: 0 })
  server.when('GET /api/projects/car/orders', orders)
  server.when('GET /api/projects/car/jobs', { jobs: [], proposals: [] })
  server.when('GET /api/suppliers', [])
  server.when('GET /api/suppliers/records', [])
  server.when('GET /api/suppliers/lists', [])
  server.when('GET /api/projects/car/conversions', conversions)
  server.when('GET /api/projects/car/part-searches', [])
  server.when('GET /api/interchange', [])
  server.when('GET /api/projects/car/shelf-fits', [])
  server.when('GET /api/projects/car/sources', [])
  server.when('GET /api/places', [])
  show(<PartsPage />, at, '/p/:projectId/parts')
}

it('says first what is to be done, and the rest at a press', async () => {
  open(
    ['a', 'b', 'c', 'd', 'e', 'f', 'g'].map((id) => need(id)),
    [
      task('SEND_BACK', 'a', { by: '2099-03-10', lineId: 'l' }),
      task('CHASE', 'b', { by: '2020-03-10', holdsItsJob: true }),
      ...['c', 'd', 'e', 'f'].map((id, i) => task('ORDER', id, { by: `2099-04-0${i + 1}` })),
      task('ORDER', 'g', { by: '2099-04-01' }),
    ],
  )
  expect(await screen.findByText(/Send “Part a” back to Alder & Finch by Tue 10 Mar/)).toBeVisible()
  expect(screen.getByText(/Ask Alder & Finch where “Part b” is: it was due Tue 10 Mar/)).toHaveTextContent(
    'Its job waits for it.',
  )
  expect(screen.queryByText(/Order “Part f”/)).toBeNull()
  await userEvent.click(screen.getByRole('button', { name: 'And 1 more' }))
  expect(screen.getByText(/Order “Part f” by Sat 4 Apr/)).toBeVisible()
  expect(screen.getByText('Order “Part c” and 1 more by Wed 1 Apr.')).toBeVisible()
  await userEvent.click(screen.getByRole('button', { name: 'Order these 2: Part c' }))
  const order = within(await screen.findByRole('dialog'))
  expect(order.getByLabelText(/Part c/)).toBeVisible()
  expect(order.getByLabelText(/Part g/)).toBeVisible()
})

it('takes in what came of it, and when the rest is due', async () => {
  open([need('a', { state: 'ORDERED', quantity: 8 })], [], [], '/p/car/parts?need=a')
  server.when('POST /api/needs/a/arrival', need('a', { state: 'RECEIVED', quantity: 5 }))
  const sheet = within(await screen.findByRole('dialog'))
  await userEvent.click(sheet.getByText('Not all of it came'))
  await userEvent.type(sheet.getByLabelText('How many of the 8 came'), '9')
  await userEvent.click(sheet.getByRole('button', { name: 'It has arrived' }))
  expect(await sheet.findByText('A whole number from 1 to 8.')).toBeVisible()
  await userEvent.clear(sheet.getByLabelText('How many of the 8 came'))
  await userEvent.type(sheet.getByLabelText('How many of the 8 came'), '5')
  await userEvent.click(sheet.getByRole('button', { name: 'It has arrived' }))
  await waitFor(() => expect(server.writes('POST /api/needs/a/arrival')).toHaveLength(1))
  expect(server.writes('POST /api/needs/a/arrival')[0]!.body).toMatchObject({ pieces: 5, version: 3 })
})

it('sends back what is wrong, and tells the whole story', async () => {
  const line = {
    id: 'l',
    needId: 'a',
    title: 'Part a',
    pieces: 1,
    amountMinor: 3000,
    expectedOn: '2026-03-01',
    arrivedOn: '2026-03-02',
    outcome: 'DAMAGED',
    outcomeReason: 'Kinked',
    returnedOn: '2026-03-02',
    slip: '',
  }
  open(
    [need('a', { state: 'RETURNED' })],
    [task('SEND_BACK', 'a', { by: '2099-03-10', lineId: 'l' })],
    [
      {
        id: 'o',
        projectId: 'car',
        supplier: 'Alder & Finch',
        currency: 'EUR',
        postMinor: 0,
        orderedOn: '2026-02-20',
        expectedOn: '2026-03-01',
        lines: [line],
      },
    ],
    '/p/car/parts?need=a',
  )
  server.when('POST /api/order-lines/l/sent-back', undefined)
  server.when('POST /api/order-lines/l/refund-lost', undefined)
  const sheet = within(await screen.findByRole('dialog'))
  expect(await sheet.findByText(/€30.00, ordered Fri 20 Feb, came Mon 2 Mar, damaged: Kinked/)).toBeVisible()
  await userEvent.type(await sheet.findByLabelText('Number on the slip'), 'RR 12')
  await userEvent.click(sheet.getByRole('button', { name: 'It is in the post' }))
  await waitFor(() =>
    expect(server.writes('POST /api/order-lines/l/sent-back')[0]?.body).toMatchObject({ slip: 'RR 12' }),
  )
  await userEvent.click(sheet.getByRole('button', { name: 'It will not come back' }))
  await waitFor(() => expect(server.writes('POST /api/order-lines/l/refund-lost')).toHaveLength(1))
})

it('notes that a part cannot be had, and finds what else fits', async () => {
  open([need('a')], [], [], '/p/car/parts?need=a')
  server.when('PUT /api/needs/a/search', undefined)
  server.when('GET /api/interchange', [
    { id: 'i', part: 'Part a', fitsFrom: 'The Tarn', change: 'Drill one hole', toldBy: 'The club', tried: false },
  ])
  const sheet = within(await screen.findByRole('dialog'))
  await userEvent.click(await sheet.findByText('It cannot be had'))
  expect(await sheet.findByText('Part a: The Tarn')).toBeVisible()
  expect(sheet.getByText(/says The club · not tried here/)).toBeVisible()
  await userEvent.selectOptions(sheet.getByLabelText('What do you do about it?'), 'MAKE')
  await userEvent.click(sheet.getByRole('button', { name: 'Looked today' }))
  await waitFor(() => expect(server.writes('PUT /api/needs/a/search')).toHaveLength(1))
  expect(server.writes('PUT /api/needs/a/search')[0]!.body).toEqual({ why: 'DISCONTINUED', wayOut: 'MAKE' })
})

it('keeps a part only with what was compared', async () => {
  open(
    [need('a', { state: 'RECEIVED', mustMatch: 'Thread: M10 × 1\nSize: 35 × 62 × 14' })],
    [],
    [],
    '/p/car/parts?need=a',
  )
  server.when('POST /api/needs/a/acceptance', need('a', { state: 'ACCEPTED', placeCode: 'HB7' }))
  const sheet = within(await screen.findByRole('dialog'))
  await userEvent.click(await sheet.findByLabelText('Thread: M10 × 1'))
  await userEvent.click(sheet.getByRole('button', { name: 'It is right' }))
  await waitFor(() => expect(server.writes('POST /api/needs/a/acceptance')).toHaveLength(1))
  expect(server.writes('POST /api/needs/a/acceptance')[0]!.body).toMatchObject({ matched: ['Thread: M10 × 1'] })
})

it('decides about a conversion, and says what of its pack is here', async () => {
  const rims = {
    id: 'c',
    name: 'Wide rims',
    wayBack: '',
    replaced: ['b'],
    parts: ['a'],
    here: 0,
    whole: false,
    version: 0,
  }
  open([need('a'), need('b')], [], [], undefined, [
    { ...rims, state: 'CONSIDERED', answerBy: '2099-03-10' },
    { ...rims, id: 'd', name: 'Disc brakes', state: 'CHOSEN' },
  ])
  server.when('POST /api/conversions/c/decision', undefined)
  expect(await screen.findByText(/Decide by Tue 10 Mar/)).toBeVisible()
  expect(screen.getAllByText(/The pack: Part a. Takes the place of: Part b./)).toHaveLength(2)
  expect(screen.getByText(/Chosen: 0 of 1 parts are here./)).toBeVisible()
  await userEvent.click(screen.getByRole('button', { name: 'Do it' }))
  await waitFor(() => expect(server.writes('POST /api/conversions/c/decision')).toHaveLength(1))
  expect(server.writes('POST /api/conversions/c/decision')[0]!.body).toEqual({ chosen: true, version: 0 })
})

it('opens from an old link whose part is gone, or on its way by now', async () => {
  open([need('a', { state: 'ORDERED' })], [], [], '/p/car/parts?order=a,gone&edit=gone')
  expect(await screen.findByRole('heading', { name: 'Parts' })).toBeInTheDocument()
  expect(screen.queryByRole('dialog')).not.toBeInTheDocument()
})
