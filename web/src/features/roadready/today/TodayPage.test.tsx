import { cleanup, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { Refusal, server } from '@/test/server'
import { TodayPage } from './TodayPage'
import type { Today } from '../sentences'

const job = { kind: 'JOB', id: 'j', title: 'Weld the sill' } as const
const part = { kind: 'ORDER', id: 'n', title: 'Gearbox casing', side: 'NONE' } as const

const today = (change: Partial<Today> = {}): Today => ({
  today: '2026-11-25',
  planComplete: true,
  roadWithoutDate: false,
  hasOwnTime: true,
  road: {
    on: '2027-06-14',
    onAtOwnPace: '2027-06-14',
    beyondAtOwnPace: false,
    holder: part,
    holdsUntil: '2027-05-30',
    chain: [job, part],
    target: '2027-06-28',
    notBefore: false,
  },
  tonight: {
    day: '2026-11-25',
    minutes: 150,
    setUpMinutes: 20,
    cautions: ['WELDING'],
    jobs: [
      {
        kind: 'JOB',
        id: 'j',
        code: 'R77',
        title: 'Weld the sill',
        minutes: 135,
        people: 1,
        elsewhere: false,
        tools: [],
        hired: [],
        fetch: [{ needId: 'm', title: 'Outer sill', placeCode: 'D6H', placeName: 'Long bench' }],
      },
    ],
  },
  notes: [
    { workSessionId: 'e2', workedOn: '2026-11-22', text: 'Both clamps are only finger-tight.' },
    { workSessionId: 'e1', workedOn: '2026-11-20', text: 'The jack leaks.' },
  ],
  parts: [
    {
      kind: 'ORDER',
      needId: 'n',
      title: 'Screen seal',
      side: 'LEFT',
      by: '2099-11-27',
      estimateMinor: 8200,
      holdsItsJob: false,
    },
  ],
  onHold: 0,
  currency: 'EUR',
  leftThisMonthMinor: 21_200,
  moneyBack: [],
  leftOfBudgetMinor: 500_000,
  inTheWay: [
    {
      rule: 'FINDING_OPEN',
      gate: 'FIRST_MOVE',
      gravity: 'A',
      system: 'BRAKES',
      remedy: { kind: 'FINDING', id: 'f' },
      title: 'Brake pipes',
      count: 1,
    },
  ],
  nextGate: 'FIRST_MOVE',
  beforeNextGate: 1,
  withoutWork: [],
  openJobs: 3,
  dangerousWithoutWork: 0,
  outstandingDue: 0,
  ...change,
})

const page = async (answer: unknown) => {
  server.when('GET /api/projects/car/today', answer).when('GET /api/projects/car/findings', [])
  server.when('GET /api/projects/car/body', { zones: [], views: [] }).when('GET /api/projects/car', {})
  const { container } = show(<TodayPage />)
  await screen.findByRole('heading', { level: 1 }, { timeout: 3000 })
  return container.textContent ?? ''
}

it('says what holds the road date, what to do tonight, what to order and what is left', async () => {
  const text = await page(today())
  expect(text).toContain('On the road about 14 June')
  expect(text).toContain('Gearbox casing')
  expect(text).toContain('30 May')
  expect(text).toContain('2 weeks ahead')
  expect(text).toContain('Tonight, 2½ h of work: Weld the sill')
  expect(text).toContain('Order “Screen seal, left” by Fri 27 Nov')
  expect(text).toContain('€212.00 left this month')
  expect(screen.getByText('Both clamps are only finger-tight.')).toBeInTheDocument()
  expect(screen.getByText('D6H')).toBeInTheDocument()
})

it('has no road date where something that the road needs has none', async () => {
  const text = await page(
    today({ planComplete: false, road: undefined, roadWithoutDate: true, tonight: undefined, openJobs: 9 }),
  )
  expect(text).toContain('None of your garage time is left for this car. Change it')
  expect(text).toContain('No road date yet.')
  expect(screen.getByRole('link', { name: /no date/i })).toHaveAttribute('href', '/p/car/plan')
  expect(text).not.toContain('Nothing can be done')
})

it('asks for no road date where only something else has none', async () => {
  const text = await page(today({ planComplete: false, road: undefined, nextGate: undefined }))
  expect(text).not.toContain('No road date')
  expect(text).toContain('Nothing recorded keeps it off the road')
})

it('does not hide that it is late, over the month, or incomplete', async () => {
  const text = await page(
    today({
      planComplete: false,
      road: {
        on: '2027-07-12',
        onAtOwnPace: '2027-07-12',
        beyondAtOwnPace: false,
        holder: job,
        holdsUntil: '2027-07-12',
        chain: [job],
        target: '2027-06-28',
        notBefore: false,
      },
      leftThisMonthMinor: -4_250,
      withoutWork: ['a', 'b', 'c'],
    }),
  )
  expect(text).toMatch(/2 weeks (after|behind|late)/)
  expect(text).toContain('€42.50')
  expect(text).not.toContain('€42.50 left')
  expect(text).toContain('3 findings have no jobs yet')
  expect(screen.getByRole('link', { name: /no date/i })).toHaveAttribute('href', '/p/car/plan')
})

it('says which money comes back only if somebody sees to it', async () => {
  const text = await page(
    today({
      moneyBack: [
        { kind: 'DEPOSIT', from: 'Exchange starter', baseMinor: 4_500, by: '2027-06-10' },
        { kind: 'REFUND', from: 'Norr Trim', baseMinor: 12_000, by: '2027-05-20' },
      ],
    }),
  )
  expect(text).toContain('Send the old part back by Thu 10 Jun: €45.00 deposit for “Exchange starter”.')
  expect(text).toContain('Norr Trim has owed you €120.00 since Thu 20 May. Ask for it.')
})

it('says that there are no jobs, where there are none, and not that something is in their way', async () => {
  const tonight = { day: '2027-06-01', minutes: 120, setUpMinutes: 20, cautions: [], jobs: [] }
  expect(await page(today({ openJobs: 0, tonight }))).toContain('there are no jobs yet')
  cleanup()
  expect(await page(today({ openJobs: 4, tonight }))).toContain('Parts or other jobs are in the way')
})

it('names no date while a danger has no job, and none before which it may not be', async () => {
  const dangerous = await page(today({ dangerousWithoutWork: 3, withoutWork: ['a', 'b', 'c'] }))
  expect(dangerous).toContain('No road date yet: 3 findings that keep it off the road have no jobs.')
  expect(dangerous).not.toContain('14 June')
})

it('says not before where the road asks for more than the plan holds', async () => {
  const text = await page(today({ road: { ...today().road!, notBefore: true } }))
  expect(text).toContain('not before 14 June')
  expect(text).not.toContain('every session')
  expect(screen.getByRole('link', { name: 'What it leaves out' })).toHaveAttribute('href', '/p/car/road')
})

it('says what the session needs besides its work', async () => {
  expect(await page(today())).toContain('Allow 20 min more to set up and clear away.')
  cleanup()
  expect(await page(today({ tonight: { ...today().tonight!, setUpMinutes: 0 } }))).not.toContain('clear away')
})

it('says the date at the own pace first, and measures the target by it', async () => {
  const text = await page(today({ road: { ...today().road!, onAtOwnPace: '2027-08-09' } }))
  expect(text).toMatch(/On the road about 9 August.* \(14 June.* if you keep every session\)/)
  expect(text).toContain('6 weeks behind 28 June')
  cleanup()
  const beyond = { ...today().road!, beyondAtOwnPace: true }
  delete beyond.onAtOwnPace
  expect(await page(today({ road: beyond }))).toMatch(
    /about 14 June.* if you keep every session; at your pace, not within two years/,
  )
})

it('leads from each thing in the way to its remedy', async () => {
  expect(await page(today())).toContain('Next: First move under its own power. One item in the way.')
  expect(screen.getByRole('link', { name: 'Brake pipes' })).toHaveAttribute('href', '/p/car/walk?finding=f')
})

it('keeps each note until it is ticked off', async () => {
  server.when('PUT /api/work-sessions/e1/note', undefined)
  expect(await page(today())).toContain('The jack leaks.')
  await userEvent.click(screen.getByText('One older note'))
  await userEvent.click(screen.getAllByRole('button', { name: 'Done' })[1]!)
  await waitFor(() => expect(server.writes('PUT /api/work-sessions/e1/note')[0]?.body).toEqual({ done: true }))
})

it('asks when there is time, while none is named', async () => {
  const bare = today({ parts: [], inTheWay: [], hasOwnTime: false })
  delete bare.tonight
  bare.notes = []
  delete bare.road
  delete bare.nextGate
  const text = await page(bare)
  expect(text).toContain('You have not set your garage time.')
  expect(screen.getByRole('link', { name: /set it/i })).toHaveAttribute('href', '/garage')
  expect(text).toContain('Nothing recorded keeps it off the road')
  expect(text).not.toMatch(/is safe|is legal/i)
})

it('shows the server’s own sentence when it cannot answer', async () => {
  server.when(
    'GET /api/projects/car/today',
    new Refusal(404, { code: 'project.unknown', detail: 'There is no such car here.' }),
  )
  show(<TodayPage />)
  expect(await screen.findByText('There is no such car here.', {}, { timeout: 3000 })).toBeInTheDocument()
})

it('says where one stands on the way to the first session, and never that nothing can be done', async () => {
  server.when('GET /api/projects/car/findings', [{ id: 'f', decision: 'REPAIR' }])
  server.when('GET /api/projects/car/jobs', { chains: [], jobs: [], progress: {} })
  server.when('GET /api/projects/car/needs', [])
  server.when('GET /api/projects/car/today', today({ openJobs: 0, hasOwnTime: false, tonight: undefined, notes: [] }))
  show(<TodayPage />, '/p/car', '/p/:projectId')
  expect(await screen.findByRole('link', { name: 'Make the work of what is decided' })).toHaveAttribute(
    'href',
    '/p/car/walk/decide',
  )
  expect(screen.getByRole('link', { name: 'Make the work' })).toHaveAttribute('aria-current', 'step')
  expect(screen.queryByText(/Nothing can be done/)).not.toBeInTheDocument()
})

it('says who and where, which tools, and what to pack for work elsewhere', async () => {
  const [step] = today().tonight!.jobs
  await page(
    today({
      tonight: {
        ...today().tonight!,
        jobs: [
          { ...step!, id: 'a', tools: ['Grinder', 'Clamps'], people: 2 },
          { ...step!, id: 'b', tools: ['Spray gun'], place: 'Bay lent by the orchard', elsewhere: true },
        ],
      },
    }),
  )
  expect(await screen.findByText('Tools beyond the bench: grinder, clamps.')).toBeVisible()
  expect(screen.getByText('2 people')).toBeVisible()
  const pack = screen.getByText('Pack for Bay lent by the orchard').parentElement!
  expect(within(pack).getByText('Spray gun')).toBeVisible()
  expect(within(pack).getByText(/an extinguisher/)).toBeVisible()
})

it('says on paper for which day it is, and what is dangerous in it', async () => {
  expect(await page(today())).toContain('25 November 2026')
  expect(screen.getByRole('complementary', { name: 'Before the first step' })).toHaveTextContent(/weld/i)
})

it('parts that wait until more is known are counted beside what is to be ordered', async () => {
  await page(today({ parts: [], onHold: 2 }))
  expect(await screen.findByText('2 parts wait until more is known.')).toBeVisible()
})
