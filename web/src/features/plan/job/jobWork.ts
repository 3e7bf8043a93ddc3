import type { Schemas } from '@/api/client'
import { phases, standings } from '@/api/generated/enums'

export type Job = Schemas['JobResponse']
export type Chain = Schemas['ChainResponse']

export type Phase = NonNullable<Job['phase']>

/** In hand, or done. */
export const hasBegun = (j: Job) => !['PROPOSED', 'PLANNED', 'DROPPED'].includes(j.state)

export type PieceOfWork = { id: string; title: string; phase: Phase | undefined; jobs: Job[] }

/** Chains as they were made, what they end in together, then single jobs; a piece of work that is over goes to the end. */
export function piecesOf(chains: Chain[], jobs: Job[], names: { shared: string; singles: string }): PieceOfWork[] {
  const jobsOf = (c: Chain) => jobs.filter((j) => j.chainId === c.id)
  const pieces = chains
    .filter((c) => !c.shared)
    .map((c) => ({ id: c.id, title: c.title, phase: c.phase, jobs: jobsOf(c) }))
  pieces.push({
    id: 'shared',
    title: names.shared,
    phase: undefined,
    jobs: chains.filter((c) => c.shared).flatMap(jobsOf),
  })
  pieces.push({ id: 'single', title: names.singles, phase: undefined, jobs: jobs.filter((j) => !j.chainId) })
  return pieces.filter((p) => p.jobs.length > 0).sort((a, b) => Number(isOver(a)) - Number(isOver(b)))
}

/** Each of its jobs stands for itself. */
const isLoose = (p: PieceOfWork) => p.id === 'single' || p.id === 'shared'

const isOver = (p: PieceOfWork) => p.jobs.every((j) => j.state === 'VERIFIED' || j.state === 'DROPPED')

export type Grouping = 'PHASE' | 'PIECE' | 'PLACE' | 'SYSTEM'
export const groupings: Grouping[] = ['PHASE', 'PIECE', 'PLACE', 'SYSTEM']

type Group = { name: string; pieces: PieceOfWork[] }

/** Pieces of work under the place or the system of their first job of which it is known; by piece they stand as they are. */
export function groupsOf(pieces: PieceOfWork[], by: Exclude<Grouping, 'PHASE'>, nameOf: (job: Job) => string): Group[] {
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

/** Pieces of work under the phase in which most of their work lies, in the order of the phases, what is in hand first; of what is loose, each job under its own. */
export function byPhase(pieces: PieceOfWork[]): { phase: Phase | undefined; pieces: PieceOfWork[] }[] {
  const parts = pieces.flatMap((p) => (isLoose(p) ? partsOf(p) : [{ phase: p.phase, piece: p }]))
  return [...phases, undefined].flatMap((phase) => {
    const here = parts.filter((part) => part.phase === phase).map((part) => part.piece)
    here.sort((a, b) => standings.indexOf(standingOf(a)) - standings.indexOf(standingOf(b)))
    return here.length > 0 ? [{ phase, pieces: here }] : []
  })
}

const partsOf = (p: PieceOfWork) =>
  [...new Set(p.jobs.map((j) => j.phase))].map((phase) => ({
    phase,
    piece: { ...p, id: `${p.id} ${phase}`, jobs: p.jobs.filter((j) => j.phase === phase) },
  }))

export type Standing = Job['standing']

/** A piece of work stands where the first of its jobs does. */
export const standingOf = (p: PieceOfWork): Standing => standings.find((s) => p.jobs.some((j) => j.standing === s))!
