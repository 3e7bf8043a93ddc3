import { expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { happenings, sessions } from './PlanDays'

const plan = {
  activities: [
    {
      subject: { kind: 'JOB', id: 'j', title: 'Weld' },
      start: '2026-03-03T18:00:00Z',
      end: '2026-03-05T19:00:00Z',
      people: [],
      reasons: [],
      stretches: [
        { from: '2026-03-03T18:00:00Z', to: '2026-03-03T20:00:00Z' },
        { from: '2026-03-05T18:00:00Z', to: '2026-03-05T19:00:00Z' },
      ],
    },
    {
      subject: { kind: 'ORDER', id: 'o', title: 'Seal' },
      start: '2026-03-01T00:00:00Z',
      end: '2026-03-04T00:00:00Z',
      people: [],
      reasons: [],
      stretches: [],
    },
  ],
  milestones: [],
  unplaced: [],
  circle: [],
} as unknown as Schemas['PlanResponse']

const date = (i: string) => i.slice(0, 10)

it('lists stays and arrivals in the order of time', () => {
  expect(happenings(plan, date).map((h) => [h.date, h.arrives, h.first, h.last])).toEqual([
    ['2026-03-03', false, true, false],
    ['2026-03-04', true, true, true],
    ['2026-03-05', false, false, true],
  ])
})

it('says what each session is for, and what comes meanwhile', () => {
  const all = sessions(happenings(plan, date), () => 'Sill, left')
  expect(all.map((s) => [s.date, s.minutes, s.pieces, s.arrivals])).toEqual([
    ['2026-03-03', 120, [{ title: 'Sill, left', steps: 1 }], 0],
    ['2026-03-04', 0, [], 1],
    ['2026-03-05', 60, [{ title: 'Sill, left', steps: 1 }], 0],
  ])
})
