import type { Schemas } from '@/api/client'

export type Job = Schemas['JobResponse']
export type Chain = Schemas['ChainResponse']

/** In hand, or done. */
export const hasBegun = (j: Job) => !['PROPOSED', 'PLANNED', 'DROPPED'].includes(j.state)

export type PieceOfWork = { id: string; title: string; jobs: Job[] }

/** Chains as they were made, what they end in together, then single jobs; a piece of work that is over goes to the end. */
export function piecesOf(chains: Chain[], jobs: Job[], names: { shared: string; singles: string }): PieceOfWork[] {
  const jobsOf = (c: Chain) => jobs.filter((j) => j.chainId === c.id)
  const pieces = chains.filter((c) => !c.shared).map((c) => ({ id: c.id, title: c.title, jobs: jobsOf(c) }))
  pieces.push({ id: 'shared', title: names.shared, jobs: chains.filter((c) => c.shared).flatMap(jobsOf) })
  pieces.push({ id: 'single', title: names.singles, jobs: jobs.filter((j) => !j.chainId) })
  return pieces.filter((p) => p.jobs.length > 0).sort((a, b) => Number(isOver(a)) - Number(isOver(b)))
}

/** Each of its jobs stands for itself. */
const isLoose = (p: PieceOfWork) => p.id === 'single' || p.id === 'shared'

const isOver = (p: PieceOfWork) => p.jobs.every((j) => j.state === 'VERIFIED' || j.state === 'DROPPED')

export type Grouping = 'PIECE' | 'PLACE' | 'SYSTEM'
export const groupings: Grouping[] = ['PIECE', 'PLACE', 'SYSTEM']

/** Pieces of work under the place or the system of their first job of which it is known; by piece they stand as they are. */
export function groupsOf(
  pieces: PieceOfWork[],
  by: Grouping,
  nameOf: (job: Job) => string,
): { name: string; pieces: PieceOfWork[] }[] {
  if (by === 'PIECE') return [{ name: '', pieces }]
  const apart = pieces.flatMap((p) =>
    isLoose(p) ? p.jobs.map((j) => ({ ...p, id: j.id, title: j.title, jobs: [j] })) : [p],
  )
  const groups = new Map<string, PieceOfWork[]>()
  for (const p of apart) {
    const name = p.jobs.map(nameOf).find((n) => n) ?? ''
    groups.set(name, [...(groups.get(name) ?? []), p])
  }
  return [...groups].sort(([a], [b]) => a.localeCompare(b)).map(([name, here]) => ({ name, pieces: here }))
}
