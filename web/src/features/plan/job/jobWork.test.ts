import { expect, it } from 'vitest'
import { byPhase, groupsOf, piecesOf, standingOf, type Job } from './jobWork'

const job = (id: string, state: Job['state'], chainId?: string) => ({ id, state, chainId }) as unknown as Job

const names = { shared: 'last', singles: 'single' }
const chain = (id: string, title: string, shared = false) => ({ id, title, shared })

it('puts pieces of work that are over last', () => {
  const chains = [chain('1', 'done'), chain('2', 'open'), chain('3', 'empty')]
  const jobs = [job('a', 'VERIFIED', '1'), job('b', 'PLANNED', '2'), job('c', 'PLANNED')]
  expect(piecesOf(chains, jobs, names).map((p) => p.title)).toEqual(['open', 'single', 'done'])
})

it('gathers what is done once for all after the work that it serves', () => {
  const chains = [chain('1', 'Bleed', true), chain('2', 'Pipes'), chain('3', 'Test', true)]
  const jobs = [job('a', 'PLANNED', '1'), job('b', 'PLANNED', '2'), job('c', 'PLANNED', '3')]
  expect(piecesOf(chains, jobs, names).map((p) => [p.title, p.jobs.length])).toEqual([
    ['Pipes', 1],
    ['last', 2],
  ])
  const places = groupsOf(piecesOf(chains, jobs, names), 'PLACE', (j) => (j.id === 'a' ? 'Brakes' : ''))
  expect(places.map((g) => [g.name, g.pieces.length])).toEqual([
    ['', 2],
    ['Brakes', 1],
  ])
})

it('lies under its phase, what is in hand first, and stands where the first of its jobs does', () => {
  const of = (id: string, chainId: string | undefined, phase: string, standing: string) =>
    ({ id, chainId, phase, standing }) as unknown as Job
  const chains = [
    { ...chain('1', 'Floor'), phase: 'STRUCTURE' as const },
    { ...chain('2', 'Sill'), phase: 'STRUCTURE' as const },
  ]
  const jobs = [
    of('a', '1', 'ASSESS_AND_STRIP', 'READY'),
    of('b', '1', 'STRUCTURE', 'WAITS'),
    of('c', '2', 'STRUCTURE', 'OVER'),
    of('d', '2', 'STRUCTURE', 'IN_HAND'),
    of('s', undefined, 'ROAD', 'WAITS_FOR_PARTS'),
  ]
  const groups = byPhase(piecesOf(chains, jobs, names))
  expect(groups.map((g) => [g.phase, g.pieces.map((p) => [p.title, standingOf(p)])])).toEqual([
    [
      'STRUCTURE',
      [
        ['Sill', 'IN_HAND'],
        ['Floor', 'READY'],
      ],
    ],
    ['ROAD', [['single', 'WAITS_FOR_PARTS']]],
  ])
})
