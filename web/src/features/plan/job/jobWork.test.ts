import { expect, it } from 'vitest'
import { piecesOf, type Job } from './jobWork'

const job = (id: string, state: Job['state'], chainId?: string) => ({ id, state, chainId }) as unknown as Job

it('puts pieces of work that are over last', () => {
  const chains = [
    { id: '1', projectId: 'p', title: 'done', recipe: 'r' },
    { id: '2', projectId: 'p', title: 'open', recipe: 'r' },
    { id: '3', projectId: 'p', title: 'empty', recipe: 'r' },
  ]
  const jobs = [job('a', 'VERIFIED', '1'), job('b', 'PLANNED', '2'), job('c', 'PLANNED')]
  expect(piecesOf(chains, jobs, 'single').map((p) => p.title)).toEqual(['open', 'single', 'done'])
})
