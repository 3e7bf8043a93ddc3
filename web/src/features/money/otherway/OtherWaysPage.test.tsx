import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { server } from '@/test/server'
import { show } from '@/test/page'
import { OtherWaysPage } from './OtherWaysPage'

const way = (more: object = {}) => ({
  undated: [],
  ownMinutes: 6000,
  leftOut: [],
  notBefore: false,
  dates: [
    { aim: 'ROAD_READY', planned: '2027-04-01', fiveInTen: '2027-05-01', eightInTen: '2027-07-01' },
    { aim: 'SHOW', planned: '2027-08-01', fiveInTen: '2027-10-01' },
  ],
  cost: { lowMinor: 400_000, expectedMinor: 500_000, highMinor: 700_000 },
  ...more,
})
const ways = (more: object = {}) => ({
  currency: 'EUR',
  done: 10_000,
  runs: 10_000,
  finished: true,
  asPlanned: way(),
  others: [],
  ...more,
})
const elsewhere = way({
  said: {
    id: 'w1',
    name: 'Weld it elsewhere',
    sessionsMore: 0,
    givenAway: [{ jobId: 'j1', days: 14, costMinor: 90_000 }],
  },
  ownMinutes: 4800,
  difference: { daysOne: -40, daysFive: -30, daysNine: -10, minorOne: 90_000, minorFive: 90_000, minorNine: 90_000 },
})
const lower = way({
  said: { id: 'w2', name: 'Only the road', standard: 'ROAD_READY', sessionsMore: 0, givenAway: [] },
  leftOut: ['Polish the trim', 'Fit the carpet'],
  difference: { daysOne: 0, daysFive: 0, daysNine: 0, minorOne: -120_000, minorFive: -90_000, minorNine: -60_000 },
})
const said = (body: object) => server.when('GET /api/projects/car/other-ways', body)

beforeEach(() => {
  server.when('GET /api/projects/car', { id: 'car', aim: 'DRIVER' })
  server.when('GET /api/projects/car/jobs', { jobs: [{ id: 'j1', code: 'J1', title: 'Weld the sill', over: false }] })
})

it('sets the ways beside the plan and says what each differs in', async () => {
  said(ways({ others: [elsewhere, lower] }))
  show(<OtherWaysPage />)
  expect(await screen.findByText(/Weld it elsewhere: 30 days sooner, €900 more\./)).toBeVisible()
  const row = screen.getByRole('row', { name: /Road date against the plan/ })
  expect(within(row).getAllByRole('cell').at(1)).toHaveTextContent(/from 40 days sooner to 10 days sooner/)
  expect(screen.getByRole('row', { name: /Cost against the plan/ })).toHaveTextContent(
    /€900 less.*from €1,200 less to €600 less/,
  )
  expect(screen.getByRole('link', { name: 'give the job away' })).toHaveAttribute('href', '/p/car/work?job=j1')
  expect(screen.getByText(/only what “road-ready” asks for/)).toBeVisible()
  await userEvent.click(screen.getByText('Not done: 2 jobs'))
  expect(screen.getByText('Fit the carpet')).toBeVisible()
})

it('says why no fourth way is offered', async () => {
  said(
    ways({
      others: [1, 2, 3].map((i) => way({ said: { id: `w${i}`, name: `Way ${i}`, sessionsMore: i, givenAway: [] } })),
    }),
  )
  show(<OtherWaysPage />)
  expect(await screen.findByText(/remove one to think of another/)).toBeVisible()
  expect(screen.queryByRole('button', { name: 'Think of another way' })).toBeNull()
})

it('shows how far the runs are and no date before they are through', async () => {
  said(
    ways({
      finished: false,
      done: 300,
      others: [{ ...lower, difference: { minorOne: -120_000, minorFive: -90_000, minorNine: -60_000 } }],
    }),
  )
  show(<OtherWaysPage />)
  expect(await screen.findByText('Only the road: €900 less.')).toBeVisible()
  expect(await screen.findByText(/Running all ways through: 300 of 10,000/)).toBeVisible()
  expect(screen.queryByText(/1 May/)).toBeNull()
})

it('sends a job that is given away', async () => {
  said(ways())
  server.when('POST /api/projects/car/other-ways', undefined)
  show(<OtherWaysPage />)
  await userEvent.click(await screen.findByRole('button', { name: 'Think of another way' }))
  expect(await screen.findByRole('option', { name: /what “road-ready” asks for/ })).toBeInTheDocument()
  expect(screen.queryByRole('option', { name: /daily driver/ }), 'as far as planned').toBeNull()
  await userEvent.type(screen.getByLabelText('What you call it'), 'Weld it elsewhere')
  await userEvent.click(screen.getByRole('button', { name: 'Give a job away' }))
  await screen.findByRole('option', { name: 'J1 Weld the sill' })
  await userEvent.selectOptions(screen.getByLabelText('Job'), 'j1')
  await userEvent.tab()
  expect(screen.queryByText(/not an amount/), 'nobody has been in the price').toBeNull()
  await userEvent.type(screen.getByLabelText('Price, in EUR'), '900')
  await userEvent.selectOptions(screen.getByLabelText('Sessions a week'), '1')
  await userEvent.click(screen.getByRole('button', { name: 'Set it beside the plan' }))
  const sent = server.sent.find((s) => s.method === 'POST')
  expect(sent?.body).toMatchObject({
    name: 'Weld it elsewhere',
    sessionsMore: 1,
    givenAway: [{ jobId: 'j1', days: 14, costMinor: 90_000 }],
  })
  expect(sent?.body).not.toHaveProperty('standard')
})

it('buys parts otherwise, and names each with its price at the door', async () => {
  const reconditioned = way({
    said: { id: 'w3', name: 'Second life', sessionsMore: 0, boughtAs: 'RECONDITIONED', givenAway: [] },
    bought: [
      { title: 'Dynamo', quantity: 1, unit: 'PIECE', thoughtMinor: 9_000, landedMinor: 4_400, leadDays: 21 },
      { title: 'Disc', quantity: 2, unit: 'PIECE', thoughtMinor: 0, landedMinor: 5_000, leadDays: 1 },
    ],
    difference: { daysOne: 0, daysFive: 3, daysNine: 9, minorOne: -900, minorFive: -900, minorNine: -900 },
  })
  said(ways({ others: [reconditioned] }))
  server.when('POST /api/projects/car/other-ways', undefined)
  show(<OtherWaysPage />)
  expect(await screen.findByText('1 × Dynamo: €44.00 at the door instead of €90.00 thought, in 21 days')).toBeVisible()
  expect(screen.getByText('2 × Disc: €50.00 at the door, in a day; nobody had thought of a price')).toBeVisible()
  await userEvent.click(screen.getByRole('button', { name: 'Think of another way' }))
  await userEvent.type(screen.getByLabelText('What you call it'), 'Used')
  expect(screen.queryByRole('option', { name: /own stock/ }), 'nobody sells that').toBeNull()
  await userEvent.selectOptions(screen.getByLabelText(/^Parts/), 'used, wherever offered')
  await userEvent.click(screen.getByRole('button', { name: 'Set it beside the plan' }))
  expect(server.sent.find((s) => s.method === 'POST')?.body).toMatchObject({ boughtAs: 'USED', givenAway: [] })
})

it('gives all the welding away at once', async () => {
  const job = (id: string, operation: string, over = false) => ({ id, code: id, title: id, operation, over })
  server.when('GET /api/projects/car/jobs', {
    jobs: [job('a', 'WELD'), job('b', 'WELD'), job('c', 'PAINT', true)],
  })
  said(ways())
  server.when('POST /api/projects/car/other-ways', undefined)
  show(<OtherWaysPage />)
  await userEvent.click(await screen.findByRole('button', { name: 'Think of another way' }))
  await userEvent.type(screen.getByLabelText('What you call it'), 'Weld it elsewhere')
  await userEvent.click(await screen.findByRole('button', { name: 'Give all of one kind away' }))
  await screen.findByRole('option', { name: 'Weld' })
  expect(screen.queryByRole('option', { name: 'Paint' }), 'that is over').toBeNull()
  expect(screen.getByLabelText(/^Kind of work/)).toHaveValue('WELD')
  await userEvent.type(screen.getByLabelText('Price, in EUR'), '900.01')
  await userEvent.click(screen.getByRole('button', { name: 'Set it beside the plan' }))
  expect(server.sent.find((s) => s.method === 'POST')?.body).toMatchObject({
    givenAway: [],
    allOf: [{ operation: 'WELD', days: 14, costMinor: 90_001 }],
  })
})

it('makes a way the plan', async () => {
  const path = 'POST /api/projects/car/other-ways/w1/kept'
  said(ways({ others: [elsewhere] }))
  server.when(path, undefined)
  show(<OtherWaysPage />)
  await userEvent.click(await screen.findByRole('button', { name: /^Make it the plan/ }))
  expect(server.writes(path)).toHaveLength(1)
})

it('thinks of the whole body at bare metal, stripped by somebody else', async () => {
  said(ways())
  server.when('POST /api/projects/car/other-ways', undefined)
  show(<OtherWaysPage />)
  await userEvent.click(await screen.findByRole('button', { name: 'Think of another way' }))
  await userEvent.type(screen.getByLabelText(/What you call it/), 'Bare metal')
  await userEvent.selectOptions(screen.getByLabelText(/The body/), 'all of it stripped to bare metal and painted')
  await userEvent.click(screen.getByRole('button', { name: 'Have it stripped elsewhere' }))
  await userEvent.type(screen.getByLabelText('Price, in EUR'), '1800')
  await userEvent.click(screen.getByRole('button', { name: 'Set it beside the plan' }))
  expect(server.writes('POST /api/projects/car/other-ways')[0]?.body).toMatchObject({
    name: 'Bare metal',
    bareMetal: { strip: { days: 14, costMinor: 180_000 } },
  })
})

it('says what a body at bare metal takes', async () => {
  const bare = way({
    said: {
      id: 'w3',
      name: 'Bare metal',
      sessionsMore: 0,
      givenAway: [],
      bareMetal: { strip: { days: 14, costMinor: 180_000 } },
    },
    undated: ['Alignment bench', 'First drive'],
    bareMetal: { shownMinutes: 2_400, coatMinutes: 5_400, materialMinor: 90_000 },
    dates: [{ aim: 'ROAD_READY', planned: '2028-01-08' }],
    difference: { minorOne: 200_000, minorFive: 270_000, minorNine: 300_000 },
  })
  said(ways({ others: [bare] }))
  show(<OtherWaysPage />)
  expect(await screen.findByText(/Stripping: €1,800.00, away for 14 days/)).toBeVisible()
  expect(screen.getByText('Bare metal: not on the road within two years, €2,700 more.')).toBeVisible()
  expect(screen.getByText('No date this way: “Alignment bench” and “First drive”.')).toBeVisible()
  expect(screen.getByText(/Filling, priming, painting: by you, about 90 h/)).toBeVisible()
  expect(screen.getByText(/Putting right what shows: about 40 h/)).toBeVisible()
  expect(screen.getByText(/about €900/)).toBeVisible()
})

it('names no price for the material where nobody knows the price level any more', async () => {
  const bare = way({
    said: { id: 'w3', name: 'Bare metal', sessionsMore: 0, givenAway: [], bareMetal: {} },
    bareMetal: { stripMinutes: 3_900, shownMinutes: 0, coatMinutes: 4_800 },
  })
  said(ways({ others: [bare] }))
  show(<OtherWaysPage />)
  expect(await screen.findByText(/nobody can say without the price level/)).toBeVisible()
  expect(screen.queryByText(/Putting right what shows/)).toBeNull()
})
