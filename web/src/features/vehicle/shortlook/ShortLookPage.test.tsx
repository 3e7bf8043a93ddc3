import { cleanup, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { show } from '@/test/page'
import { server, type Sent } from '@/test/server'
import { ShortLookPage } from './ShortLookPage'

const answersSent = 'POST /api/projects/car/short-look/answers'
type Answered = { cards: string[]; seen: string; fault?: { checkId: string; place: string } }
const sent = (i = 0) => server.writes(answersSent)[i]!.body as Answered
let given: Record<string, string>
let price: number

const card = (id: string, { asks, ...more }: { asks?: object } & Record<string, unknown> = {}) => ({
  asks: {
    id,
    minutes: 1,
    where: 'Kneeling',
    task: `Look at ${id}.`,
    good: 'Solid.',
    bad: 'Soft.',
    weight: 5,
    inTen: false,
    running: false,
    photo: false,
    ...asks,
  },
  places: ['sill-left'],
  faults: [{ checkId: `${id}-check`, means: 'Rust from inside.', places: ['sill-left'] }],
  cautions: [],
  ...(given[id] ? { seen: given[id] } : {}),
  ...more,
})
const look = () => {
  const cards = [
    card('numbers', { asks: { inTen: true }, stop: { meaning: 'SETTLE_FIRST', because: 'Numbers that disagree.' } }),
    card('sill', {
      faults: [
        { checkId: 'tap', means: 'Rust from inside.', places: ['sill-left', 'sill-right'] },
        { checkId: 'cover', means: 'A cover was welded over it.', places: ['sill-left'] },
      ],
    }),
    card('start', { asks: { running: true } }),
    card('gears', { asks: { running: true } }),
  ]
  return {
    kind: 'OLD_CAR',
    possible: ['OLD_CAR', 'RECENT_CAR'],
    cards,
    left: { cards: 4, minutes: 4, weight: 20, all: 20 },
  }
}

beforeEach(() => {
  given = {}
  price = 1_200_00
  localStorage.clear()
  const zone = (id: string) => ({
    id,
    name: 'Sill',
    side: id.endsWith('left') ? 'LEFT' : 'RIGHT',
    system: 'STRUCTURE',
    view: 'left',
    outline: 'M0 0h9v9z',
    markX: 1,
    markY: 1,
  })
  server
    .when('GET /api/projects/car', { bodyStyle: 'ESTATE', state: 'LOOKING' })
    .when('GET /api/projects/car/drawing', {
      style: 'ESTATE',
      zones: [zone('sill-left'), zone('sill-right')],
      views: [{ id: 'left', name: 'Left side', width: 9, height: 9, row: 0, column: 0, mirrored: false, details: [] }],
    })
    .when('GET /api/projects/car/findings', () =>
      given.numbers === 'BAD' || given.sill
        ? [{ id: 'f', zone: 'sill-left', kind: 'DOUBT', safetyClass: 'B', state: 'OPEN' }]
        : [],
    )
    .when('GET /api/projects/car/checks', { checks: [], steps: [], places: [], lookNext: 'sill-right' })
    .when('GET /api/projects/car/buying', () => ({
      inputs: {},
      comparables: [],
      lacks: [],
      titles: [],
      advice: {
        word: 'BID_UP_TO',
        ceiling: { price },
        lowered: [{ title: 'f', by: 350_00 }],
        movers: [{ input: 'UNSEEN', title: 'sill-right', atWorst: 1, atBest: 2 }],
        looks: [],
      },
    }))
    .when('GET /api/projects/car/short-look', look)
    .when(answersSent, (s: Sent) => {
      const { cards, seen } = s.body as Answered
      for (const id of cards) given[id] = seen
      const failed = seen === 'BAD' || seen === 'DOUBTFUL'
      if (failed) price = 850_00
      return { standing: failed ? [{ findingId: 'f', checkId: 'x', zone: 'sill-left', known: false }] : [] }
    })
  show(<ShortLookPage />, '/p/car/walk/short-look', '/p/:projectId/walk/short-look')
})

const start = async () => userEvent.click(await screen.findByRole('button', { name: 'Start the look' }))

it('says what nobody does in a stranger’s yard before the first look, and starts with ten or all', async () => {
  expect(await screen.findByText(/Never go under a car on a jack/)).toBeInTheDocument()
  expect(screen.getByText(/only when the owner says you may/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Only ten minutes: 1 checks' }))
  expect(await screen.findByText(/One check of 1 left/)).toBeInTheDocument()
})

it('says after each answer what is left and what the bid is now', async () => {
  await start()
  expect(await screen.findByText(/4 of 4 checks left, about 4 min; 100 % of the answer still open/)).toBeInTheDocument()
  expect(await screen.findByText(/The bid now: up to €1,200/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Good' }))
  expect(await screen.findByRole('heading', { name: 'Look at sill.' })).toBeInTheDocument()
  expect(await screen.findByText(/3 of 4 checks left, about 3 min; 75 % of the answer/)).toBeInTheDocument()
  expect(sent()).toMatchObject({ cards: ['numbers'], seen: 'GOOD' })
})

it('asks which of the few faults it is, and where', async () => {
  await start()
  await userEvent.click(await screen.findByRole('button', { name: 'Later' }))
  await userEvent.click(await screen.findByRole('button', { name: 'Bad' }))
  await userEvent.selectOptions(screen.getByLabelText('Where?'), 'Sill, right')
  await userEvent.click(screen.getByRole('button', { name: 'Record it' }))
  await waitFor(() => expect(sent()).toMatchObject({ seen: 'BAD', fault: { checkId: 'tap', place: 'sill-right' } }))
  expect(await screen.findByText(/Recorded as a finding/)).toBeInTheDocument()
  expect(await screen.findByText(/The bid now: up to €850/)).toBeInTheDocument()
})

it('stops at once for what must be settled first', async () => {
  await start()
  await userEvent.click(await screen.findByRole('button', { name: 'Bad' }))
  await userEvent.click(screen.getByRole('button', { name: 'Record it' }))
  const kept = await screen.findByRole('status', { name: '' })
  expect(within(kept).getByText(/Settle this before any money: Numbers that disagree/)).toBeInTheDocument()
})

it('answers all that need current in one press', async () => {
  await start()
  await userEvent.click(await screen.findByRole('button', { name: 'Later' }))
  await userEvent.click(await screen.findByRole('button', { name: 'Later' }))
  await userEvent.click(await screen.findByRole('button', { name: 'Can’t see it' }))
  await userEvent.click(screen.getByRole('button', { name: /skip all 2 that need it/ }))
  await waitFor(() => expect(sent()).toMatchObject({ cards: ['start', 'gears'], seen: 'NO_CURRENT' }))
})

it('ends with what lowered the bid most and where to look with ten more minutes', async () => {
  given = { numbers: 'GOOD', sill: 'BAD', start: 'GOOD', gears: 'NO_CURRENT' }
  cleanup()
  show(<ShortLookPage />, '/p/car/walk/short-look', '/p/:projectId/walk/short-look')
  await start()
  const done = await screen.findByRole('region', { name: 'Result' })
  expect(await within(done).findByText(/Something is odd.*Sill, left: by €350|Sill, left: by €350/)).toBeInTheDocument()
  expect(within(done).getByText('One check failed.')).toBeInTheDocument()
  expect(await within(done).findByRole('link', { name: 'Sill, right' })).toHaveAttribute(
    'href',
    '/p/car/walk/checks?place=sill-right',
  )
})
