import { cleanup, screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { PlanPage } from './PlanPage'

const work = (id: string, day: string, more: object = {}) => ({
  key: `job:${id}`,
  subject: { kind: 'JOB', id, title: `Work ${id}` },
  start: `${day}T18:00:00Z`,
  end: `${day}T20:00:00Z`,
  stretches: [{ from: `${day}T18:00:00Z`, to: `${day}T20:00:00Z` }],
  people: [],
  movable: true,
  reasons: [{ kind: 'NOW', until: `${day}T18:00:00Z` }],
  latestStart: '2026-03-10T18:00:00Z',
  ...more,
})
const plan = (more: object = {}) => ({
  activities: [work('a', '2026-03-03'), work('b', '2026-03-05', { followed: '2026-03-04T18:00:00Z' })],
  milestones: [
    {
      aim: 'RUNNER',
      finish: '2026-03-05T20:00:00Z',
      finishAtOwnPace: '2026-03-05T20:30:00Z',
      beyondAtOwnPace: false,
      holder: { kind: 'JOB', id: 'a', title: 'Work a' },
      chain: [
        { kind: 'JOB', id: 'b', title: 'Work b' },
        { kind: 'JOB', id: 'a', title: 'Work a' },
      ],
      spareDays: -3,
      notBefore: false,
    },
  ],
  phases: [],
  unplaced: [],
  hires: [],
  waiting: [],
  circle: [],
  windows: [
    { from: '2026-03-03T18:00:00Z', to: '2026-03-03T20:00:00Z' },
    { from: '2026-03-05T18:00:00Z', to: '2026-03-05T20:00:00Z' },
  ],
  money: [
    { day: '2026-03-01', leftMinor: 10000 },
    { day: '2026-03-04', leftMinor: 2500 },
  ],
  loose: [],
  policy: { policy: 'RUNNING_FIRST', mostOpen: 1 },
  pace: { own: false, jobs: 9, factor: 1.214, turnUp: { meant: 20, came: 12, rate: 0.614 } },
  followedAt: '2026-03-01T10:00:00Z',
  withoutDate: [],
  hasTime: true,
  search: 'GOES_ON',
  ...more,
})
const open = (answer: object) => {
  server.when('GET /api/projects/car/plan', answer)
  show(<PlanPage />, '/p/car/plan', '/p/:projectId/plan')
}

it('says what holds the date, how far it is after the target, and what has slipped', async () => {
  open(plan())
  expect(await screen.findByText(/set by “Work a”/)).toBeInTheDocument()
  expect(screen.getByText(/3 days after the target\./)).toBeInTheDocument()
  const slipped = screen.getByRole('heading', { name: /One item has moved since the plan/ }).closest('section')!
  expect(within(slipped).getByText(/4 Mar → .*5 Mar/)).toBeInTheDocument()
  expect(screen.getByRole('img', { name: /Lowest: €25.00 on/ })).toBeInTheDocument()
})

it('shows what would come of another day before it is kept', async () => {
  server.when('POST /api/projects/car/plan/preview', {
    possible: true,
    milestones: [{ aim: 'RUNNER', before: '2026-03-05T20:00:00Z', after: '2026-03-12T20:00:00Z' }],
    moved: [
      {
        subject: { kind: 'JOB', id: 'b', title: 'Work b' },
        before: '2026-03-05T18:00:00Z',
        after: '2026-03-12T18:00:00Z',
      },
    ],
  })
  server.when('PUT /api/projects/car/plan/pins', undefined)
  open(plan())
  const bar = (await screen.findAllByRole('button', { name: /^Work a, / }))[0]!
  bar.focus()
  await userEvent.keyboard('{ArrowRight}')
  expect(await screen.findByText(/Running: .*5 Mar → .*12 Mar/)).toBeInTheDocument()
  expect(screen.getByText('One item moves')).toBeInTheDocument()
  expect(server.writes('PUT /api/projects/car/plan/pins')).toHaveLength(0)
  await userEvent.click(screen.getByRole('button', { name: 'Move it there' }))
  await waitFor(() => expect(server.writes('PUT /api/projects/car/plan/pins')).toHaveLength(1))
  expect(server.writes('PUT /api/projects/car/plan/pins')[0]!.body).toMatchObject({
    activity: 'job:a',
    notBefore: '2026-03-05',
  })
})

it('works out what would make an impossible plan possible when asked', async () => {
  server.when('GET /api/projects/car/plan/mending', [
    { kind: 'WORK_SESSIONS', amount: 2 },
    { kind: 'MONEY', amount: 3000 },
  ])
  open(
    plan({
      unplaced: [
        { subject: { kind: 'JOB', id: 'c', title: 'Work c' }, limit: { kind: 'MONEY', until: '2027-01-01T00:00:00Z' } },
      ],
    }),
  )
  expect(await screen.findByText(/The money is not there before/)).toBeInTheDocument()
  await userEvent.click(await screen.findByRole('button', { name: 'What would make it possible?' }))
  expect(await screen.findByText('2 more sessions a week')).toBeInTheDocument()
  expect(screen.getByText('€30.00 more at hand now')).toBeInTheDocument()
})

const without = (id: string, limit: object) => ({ subject: { kind: 'JOB', id, title: `Work ${id}` }, limit })
const far = '2028-11-30T00:00:00Z'
const following = without('d', { kind: 'AFTER', until: far, subject: { kind: 'JOB', id: 'c', title: 'Work c' } })

it('tells what leaves work without a date, and only counts what follows it', async () => {
  open(plan({ milestones: [], unplaced: [without('c', { kind: 'MONEY', until: far }), following] }))
  expect(await screen.findByText('No date yet: some work has none.')).toBeVisible()
  expect(screen.getByText('One more job follows these.')).toBeVisible()
  expect(screen.queryByText(/It follows/)).toBeNull()
  expect(screen.queryByRole('button', { name: /This is the plan/ })).toBeNull()
  cleanup()
  const waiting = [{ subject: following.subject, why: 'UNSEEN', leftOut: false }]
  open(
    plan({
      milestones: [],
      unplaced: [without('c', { kind: 'NO_TIME', until: far }), following],
      waiting,
      hasTime: false,
    }),
  )
  expect(await screen.findByText('No date yet: you have not set your garage time.')).toBeVisible()
  expect(screen.getByText(/Without garage time there are no dates/)).toBeVisible()
  expect(screen.queryByText(/Nobody is in the garage|follows|depends on an answer/)).toBeNull()
})

it('does not ask for garage time that is set, and too little', async () => {
  open(plan({ milestones: [], unplaced: [without('c', { kind: 'NO_TIME', until: far }), following] }))
  expect(await screen.findByText('No date yet: there is too little garage time.')).toBeVisible()
  expect(screen.getByText(/One job does not fit into the garage time that is left until/)).toBeVisible()
  expect(screen.getByText(/One more job follows/)).toBeVisible()
  expect(screen.queryByText(/Nobody is in the garage|not set|Without garage time/)).toBeNull()
})

const later = {
  possible: true,
  milestones: [{ aim: 'RUNNER', before: '2026-03-05T20:00:00Z', after: '2026-03-19T20:00:00Z' }],
  moved: [],
}

it('says what should have followed soon, why it does not, and what to do', async () => {
  open(
    plan({
      loose: [
        {
          before: { kind: 'JOB', id: 'a', title: 'Blast' },
          after: { kind: 'JOB', id: 'b', title: 'Prime' },
          withinMinutes: 240,
          gapMinutes: 2880,
          why: 'ACCESS',
        },
      ],
    }),
  )
  expect(
    await screen.findByText(/“Prime” should begin within 4 h of “Blast” and begins 48 h later/),
  ).toBeInTheDocument()
  expect(screen.getByText(/combine them under Access/)).toBeInTheDocument()
})

it('shows what one’s own hours do to the dates before the plan reckons with them', async () => {
  server.when('GET /api/projects/car/plan/at-pace', later)
  server.when('PUT /api/projects/car/own-pace', undefined)
  open(plan())
  expect(await screen.findByText(/Yours turn out 1.21 times that/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'What if it used your pace?' }))
  expect(await screen.findByText(/Running: .*5 Mar → .*19 Mar/)).toBeInTheDocument()
  expect(server.writes('PUT /api/projects/car/own-pace')).toHaveLength(0)
  await userEvent.click(screen.getByRole('button', { name: 'Use it' }))
  await waitFor(() => expect(server.writes('PUT /api/projects/car/own-pace')).toHaveLength(1))
  expect(server.writes('PUT /api/projects/car/own-pace')[0]!.body).toEqual({ ownPace: true })
})

it('keeps the room of an offer while a longer search goes on', async () => {
  open(plan())
  expect(await screen.findByText('Looking for a sooner plan …')).toBeVisible()
})

it('says beside the dates which aim has none', async () => {
  open(plan({ withoutDate: ['ROAD_READY', 'DRIVER'] }))
  const main = await screen.findByRole('main')
  expect(main).toHaveTextContent(/Running about .*Road-ready: no date yet\./)
  expect(main).not.toHaveTextContent('Fit for daily use: no date')
})

it('says that nothing sooner was found only where the search came to its end', async () => {
  open(plan({ search: 'OVER' }))
  expect(await screen.findByText('No sooner plan was found.')).toBeVisible()
  cleanup()
  open(plan({ search: 'LEFT' }))
  expect(await screen.findByText('The search for a sooner plan did not finish.')).toBeVisible()
})

it('offers what a longer search found', async () => {
  open(plan({ better: { aim: 'RUNNER', before: '2026-03-05', after: '2026-03-01' } }))
  server.when('POST /api/projects/car/plan/follow-better', undefined)
  expect(await screen.findByText(/Running on .*1 Mar instead of .*5 Mar/)).toBeVisible()
  await userEvent.click(screen.getByRole('button', { name: 'Take that plan' }))
  await waitFor(() => expect(server.writes('POST /api/projects/car/plan/follow-better')).toHaveLength(1))
})

it('offers to open once what need not be opened oftener', async () => {
  open(plan({ fewer: { accesses: ['Bonnet off', 'Engine out'], savedMinutes: 270 } }))
  server.when('POST /api/projects/car/plan/share-more', undefined)
  expect(await screen.findByText(/saves 4½ h of taking apart: Bonnet off and Engine out done once/)).toBeVisible()
  await userEvent.click(screen.getByRole('button', { name: 'Do it once' }))
  await waitFor(() => expect(server.writes('POST /api/projects/car/plan/share-more')).toHaveLength(1))
})

it('shows what another way round would do before it is kept', async () => {
  server.when('GET /api/projects/car/plan/under', {
    possible: true,
    milestones: [{ aim: 'RUNNER', before: '2026-03-04T20:00:00Z', after: '2026-04-02T20:00:00Z' }],
    moved: [],
  })
  server.when('PUT /api/projects/car/plan/policy', undefined)
  open(plan())
  await userEvent.click(await screen.findByRole('button', { name: 'Change what comes first' }))
  await userEvent.selectOptions(screen.getByLabelText('What should come first?'), 'Keep it rolling')
  await userEvent.click(await screen.findByRole('button', { name: 'Use it' }))
  await waitFor(() => expect(server.writes('PUT /api/projects/car/plan/policy')).toHaveLength(1))
  expect(server.writes('PUT /api/projects/car/plan/policy')[0]!.body).toEqual({ policy: 'KEEP_ROLLING', mostOpen: 1 })
})

it('compares more hours, borrowed room, and somebody else who does it', async () => {
  server.when('GET /api/projects/car/plan/sooner', [
    { kind: 'WORK_SESSION', move: later },
    { kind: 'PLACE', place: { kind: 'PLACE', id: 'bay', title: 'Long bay' }, move: later },
  ])
  server.when('POST /api/projects/car/plan/preview-sent-out', later)
  open(plan())
  await userEvent.click(await screen.findByText('What would bring it sooner?'))
  expect(await screen.findByText('One more session a week')).toBeInTheDocument()
  expect(screen.getByText('Room for one more in “Long bay”, borrowed')).toBeInTheDocument()

  screen.getAllByRole('button', { name: /^Work a, / })[0]!.focus()
  await userEvent.keyboard('{Enter}')
  await userEvent.click(screen.getByText('What if somebody else does it?'))
  await userEvent.type(screen.getByLabelText('What it costs, EUR'), '120')
  const asks = screen.getAllByRole('button', { name: 'What would that change?' })
  await userEvent.click(asks.at(-1)!)
  server.when('PUT /api/jobs/a/given-away', undefined)
  await userEvent.click(await screen.findByRole('button', { name: 'Give it away' }))
  expect(server.writes('PUT /api/jobs/a/given-away')[0]!.body).toEqual({
    toWhom: '',
    days: 7,
    costMinor: 12000,
    version: 0,
  })
  expect(server.writes('POST /api/projects/car/plan/preview-sent-out')[0]!.body).toEqual({
    job: 'a',
    days: 7,
    costMinor: 12000,
  })
})

it('says until when a plan B has to be chosen, and when that day is past', async () => {
  const with_ = (decideBy: string) => ({ planB: { what: 'Exchange engine', costMinor: 90000, decideBy } })
  open(
    plan({ activities: [work('a', '2026-03-03', with_('2999-01-01')), work('b', '2026-03-05', with_('2020-01-01'))] }),
  )
  ;(await screen.findAllByRole('button', { name: /^Work a, / }))[0]!.focus()
  await userEvent.keyboard('{Enter}')
  expect(await screen.findByText(/€900.00 set aside for it. Decide by/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Close' }))
  screen.getAllByRole('button', { name: /^Work b, / })[0]!.focus()
  await userEvent.keyboard('{Enter}')
  expect(await screen.findByText(/should have been decided by/)).toBeInTheDocument()
})

it('says the date at the own pace first, and beside it the one if every session is kept', async () => {
  const [m] = plan().milestones
  server.when('GET /api/projects/car/plan', plan({ milestones: [{ ...m!, finishAtOwnPace: '2026-03-19T20:00:00Z' }] }))
  show(<PlanPage />, '/p/car/plan', '/p/:projectId/plan')
  expect((await screen.findByText(/Running about/)).textContent).toMatch(
    /Running about 19 March.* \(5 March.* if you keep every session\)\./,
  )
  expect(screen.getByText(/you come to 61% of your sessions \(you came to 12 of the last 20\)/)).toBeInTheDocument()
})

it('says so where at the own pace it is beyond what can be planned', async () => {
  const [m] = plan().milestones
  server.when(
    'GET /api/projects/car/plan',
    plan({ milestones: [{ ...m!, finishAtOwnPace: undefined, beyondAtOwnPace: true }] }),
  )
  show(<PlanPage />, '/p/car/plan', '/p/:projectId/plan')
  expect((await screen.findByText(/Running about/)).textContent).toMatch(
    /5 March.* if you keep every session; at your pace, not within two years\./,
  )
})

it('dates nothing for sure that waits, and says for what', async () => {
  const held = { subject: { kind: 'JOB', id: 'c', title: 'New seat cover' }, aim: 'RUNNER', why: 'ANSWER' }
  const because = { kind: 'NEED', id: 'n', title: 'Seat cover' }
  open(
    plan({
      milestones: [{ ...plan().milestones[0]!, notBefore: true, spareDays: 12 }],
      waiting: [
        { ...held, because, leftOut: true },
        { ...held, because, answerBy: '2026-04-02', subject: { ...held.subject, id: 'd' }, leftOut: false },
        { ...held, why: 'AFTER', subject: { kind: 'REFIT', id: 'w', title: 'Front seats in' }, leftOut: true },
        { ...held, why: 'GATE_SHUT', subject: { kind: 'JOB', id: 'e', title: 'First drive' }, leftOut: true },
      ],
    }),
  )
  expect((await screen.findByText(/Running not before/)).textContent).toContain('5 March')
  expect(screen.queryByText(/about/)).not.toBeInTheDocument()
  expect(screen.queryByText(/to spare/)).not.toBeInTheDocument()
  const without = screen.getByRole('heading', { name: '3 items are waiting, with no date' }).closest('section')!
  expect(within(without).getByText(/on hold with no date/)).toBeInTheDocument()
  expect(within(without).getByText(/Front seats in/)).toBeInTheDocument()
  expect(within(without).getByRole('link', { name: 'Open the part' })).toHaveAttribute('href', '/p/car/parts?need=n')
  expect(within(without).getByRole('link', { name: 'See what is in the way' })).toHaveAttribute('href', '/p/car/road')
  expect(screen.getByText(/is on hold until 2 Apr/)).toBeInTheDocument()
})

it('shows the whole project by its phases, with what is done and what has no date', async () => {
  const phase = (name: string, more: object) => ({
    phase: name,
    minutesLeft: 0,
    minutesDone: 0,
    jobsLeft: 0,
    undated: 0,
    toBuyMinor: 0,
    unvalued: 0,
    ...more,
  })
  server.when(
    'GET /api/projects/car/plan',
    plan({
      phases: [
        phase('ASSESS_AND_STRIP', { minutesDone: 90 }),
        phase('STRUCTURE', {
          from: '2026-03-03T18:00:00Z',
          to: '2026-05-05T20:00:00Z',
          last: { kind: 'JOB', id: 'b', title: 'Work b' },
          minutesLeft: 600,
          jobsLeft: 5,
          undated: 2,
          toBuyMinor: 12_040,
          unvalued: 1,
        }),
      ],
      milestones: [
        { ...plan().milestones[0]!, aim: 'ROAD_READY', notBefore: true, finishAtOwnPace: '2026-06-14T20:00:00Z' },
      ],
    }),
  )
  show(<PlanPage />)
  const whole = within((await screen.findByText('The whole project')).closest('section')!)
  expect(whole.getByText('done, 1½ h')).toBeInTheDocument()
  expect(
    whole.getByText('10 h left · 2 jobs without a date · €120 to buy · one part without a price'),
  ).toBeInTheDocument()
  expect(
    whole.getByText(/^At the earliest: 5 March.* if you keep every session, 14 June.* at your pace$/),
  ).toBeVisible()
  expect(whole.getByText(/3 Mar to 5 May, last: Work b/)).toBeInTheDocument()
})

it('says on which days a tool is to be hired and what that costs', async () => {
  open(plan({ hires: [{ tool: 'Engine crane', days: ['2026-12-05', '2026-12-12'], costMinor: 7000 }] }))
  expect(await screen.findByText(/^Hire the engine crane for 2 days: .* That costs .*70/)).toBeVisible()
})
