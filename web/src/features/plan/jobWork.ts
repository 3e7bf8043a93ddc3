import type { Schemas } from '@/api/client'

export type Job = Schemas['JobResponse']
export type Chain = Schemas['ChainRow']

export type PieceOfWork = { id: string; title: string; jobs: Job[] }

/** Chains as they were made, then single jobs; a piece of work that is over goes to the end. */
export function piecesOf(chains: Chain[], jobs: Job[], singles: string): PieceOfWork[] {
  const pieces = chains.map((c) => ({
    id: c.id,
    title: c.title,
    jobs: jobs.filter((j) => j.chainId === c.id),
  }))
  const alone = jobs.filter((j) => !j.chainId)
  if (alone.length > 0) pieces.push({ id: 'single', title: singles, jobs: alone })
  return pieces.filter((p) => p.jobs.length > 0).sort((a, b) => Number(isOver(a)) - Number(isOver(b)))
}

const isOver = (p: PieceOfWork) => p.jobs.every((j) => j.state === 'VERIFIED' || j.state === 'DROPPED')
