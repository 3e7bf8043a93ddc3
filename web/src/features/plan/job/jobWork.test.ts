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

it('lies under the phase in which most of its work is, and says where it stands', () => {
  const of = (id: string, phase: string, likelyMinutes: number, more: object = {}) =>
    ({
      id,
      state: 'PLANNED',
      phase,
      chainId: '1',
      effort: { likelyMinutes },
      waitsFor: [],
      lacks: [],
      ...more,
    }) as unknown as Job
  const welded = [of('a', 'ASSESS_AND_STRIP', 30), of('b', 'STRUCTURE', 240), of('c', 'BODY_AND_PAINT', 60)]
  const single = of('s', 'ROAD', 30, { chainId: undefined, gated: true })
  const groups = byPhase(piecesOf([chain('1', 'Sill')], [...welded, single], names))
  expect(groups.map((g) => [g.phase, g.pieces.map((p) => p.title)])).toEqual([
    ['STRUCTURE', ['Sill']],
    ['ROAD', ['single']],
  ])
  const standing = (...jobs: Job[]) => standingOf({ id: 'p', title: '', jobs })
  expect(standing(...welded)).toBe('ready')
  expect(standing({ ...welded[0]!, state: 'BEGUN' }, welded[1]!)).toBe('inHand')
  expect(standing({ ...welded[0]!, lacks: ['Sill'] })).toBe('parts')
  expect(standing({ ...welded[0]!, waitsFor: ['x'] })).toBe('waits')
  expect(standing(single)).toBe('waits')
  expect(standing({ ...welded[0]!, over: true })).toBe('done')
})
