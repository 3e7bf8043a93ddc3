import { expect, it } from 'vitest'
import { hasTime, inPieces, lanesOf, type Activity, type Plan } from './lanes'

const activity = (kind: string, id: string, from: string, to: string, stripDowns = true) =>
  ({
    key: `${kind}:${id}`,
    subject: { kind, id, title: id },
    start: from,
    end: to,
    stretches: stripDowns ? [{ from, to }] : [],
    people: [],
    reasons: [],
  }) as unknown as Activity
const plan = (activities: Activity[]) =>
  ({ activities, milestones: [], unplaced: [], circle: [], windows: [], money: [] }) as unknown as Plan

it('sorts bars by where the work happens and shows what stands open meanwhile', () => {
  const lanes = lanesOf(
    plan([
      activity('STRIP', 'gearbox', '2026-03-03T18:00:00Z', '2026-03-03T19:00:00Z'),
      activity('JOB', 'seal', '2026-03-03T19:00:00Z', '2026-03-03T20:00:00Z'),
      activity('REFIT', 'gearbox', '2026-03-05T18:00:00Z', '2026-03-05T20:00:00Z'),
      activity('NEED', 'kit', '2026-03-01T00:00:00Z', '2026-03-03T00:00:00Z', false),
      activity('SENT_OUT', 'frame', '2026-03-06T00:00:00Z', '2026-03-20T00:00:00Z', false),
    ]),
  )
  expect(lanes.map((l) => [l.name, l.bars.map((b) => b.title)])).toEqual([
    ['car', ['gearbox', 'seal', 'gearbox']],
    ['open', ['gearbox']],
    ['away', ['frame']],
    ['waiting', ['kit']],
  ])
  const open = lanes[1]!.bars[0]!
  expect(open.from).toBe(Date.parse('2026-03-03T18:00:00Z'))
  expect(open.to).toBe(Date.parse('2026-03-05T20:00:00Z'))
})

it('calls what stands open by its name, also when only the refit is left', () => {
  const refit = activity('REFIT', 'gearbox', '2026-03-05T18:00:00Z', '2026-03-05T20:00:00Z')
  const named = { ...refit, subject: { ...refit.subject, title: 'Put the gearbox back in', access: 'Gearbox out' } }
  const lanes = lanesOf(plan([named]))
  expect(lanes.map((l) => [l.name, l.bars.map((b) => b.title)])).toEqual([
    ['car', ['Put the gearbox back in']],
    ['open', ['Gearbox out']],
  ])
})

it('leaves out lanes in which nothing happens', () => {
  expect(lanesOf(plan([]))).toEqual([])
})

it('tells parts that have time from those that hold something', () => {
  const bars = (latestStart: string) =>
    lanesOf(
      plan([
        {
          ...activity('NEED', 'kit', '2026-03-01T00:00:00Z', '2026-03-09T00:00:00Z', false),
          latestStart,
        },
      ]),
    )[0]!.bars
  expect(bars('2026-03-08T00:00:00Z').map(hasTime)).toEqual([true])
  expect(bars('2026-03-07T23:00:00Z').map(hasTime)).toEqual([false])
})

it('gives each place that somebody named a lane of its own', () => {
  const seal = activity('JOB', 'seal', '2026-03-03T19:00:00Z', '2026-03-03T20:00:00Z')
  const weld = {
    ...activity('JOB', 'weld', '2026-03-04T19:00:00Z', '2026-03-04T20:00:00Z'),
    place: { kind: 'PLACE', id: 'bay', title: 'Long bay' },
  } as Activity
  const lanes = lanesOf(plan([seal, weld]))
  expect(lanes.map((l) => [l.name, l.title, l.bars.map((b) => b.title)])).toEqual([
    ['place', 'Long bay', ['weld']],
    ['car', undefined, ['seal']],
  ])
})

it('shows a piece of work as one bar, and its steps where it is open', () => {
  const steps = ['cut', 'weld'].map((id, i) =>
    activity('JOB', id, `2026-03-0${3 + i}T18:00:00Z`, `2026-03-0${3 + i}T19:00:00Z`),
  )
  const alone = activity('JOB', 'wash', '2026-03-05T18:00:00Z', '2026-03-05T19:00:00Z')
  const [car] = lanesOf(plan([...steps, alone]))
  const pieceOf = (a: Activity) => (a === alone ? { id: 'wash', title: 'wash' } : { id: 'sill', title: 'Left sill' })
  const bars = (open: string[]) => inPieces(car!, pieceOf, new Set(open)).bars.map((b) => b.title)
  expect(bars([])).toEqual(['Left sill', 'wash'])
  expect(bars(['sill'])).toEqual(['Left sill', 'cut', 'weld', 'wash'])
  const [sill] = inPieces(car!, pieceOf, new Set()).bars
  expect(sill).toMatchObject({ from: Date.parse('2026-03-03T18:00:00Z'), to: Date.parse('2026-03-04T19:00:00Z') })
})
