import type { Schemas } from '@/api/client'

export type Job = Schemas['JobResponse']
export type Chain = Schemas['ChainRow']

/** In hand, or done. */
export const hasBegun = (j: Job) => !['PROPOSED', 'PLANNED', 'DROPPED'].includes(j.state)

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

export type Grouping = 'PIECE' | 'PLACE' | 'SYSTEM'
export const groupings: Grouping[] = ['PIECE', 'PLACE', 'SYSTEM']

/** Pieces of work under the place or the system of their first job that has one; by piece they stand as they are. */
export function groupsOf(
  pieces: PieceOfWork[],
  by: Grouping,
  nameOf: (zone: string) => string,
): { name: string; pieces: PieceOfWork[] }[] {
  if (by === 'PIECE') return [{ name: '', pieces }]
  const apart = pieces.flatMap((p) =>
    p.id === 'single' ? p.jobs.map((j) => ({ ...p, id: j.id, title: j.title, jobs: [j] })) : [p],
  )
  const groups = new Map<string, PieceOfWork[]>()
  for (const p of apart) {
    const zone = p.jobs.find((j) => j.zone)?.zone
    const name = zone ? nameOf(zone) : ''
    groups.set(name, [...(groups.get(name) ?? []), p])
  }
  return [...groups].sort(([a], [b]) => a.localeCompare(b)).map(([name, here]) => ({ name, pieces: here }))
}
