import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Road = Schemas['RoadResponse']
export type Blocker = Schemas['BlockerResponse']
export type GateName = Schemas['GateResponse']['gate']
export type Proof = Schemas['ProofResponse']
export type Fastener = Schemas['FastenerRow']

export const roadQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['road', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/road', { params: { path: { projectId } } })),
  })

/** The gates in the order in which one goes through them, each with those that must be open for it. */
export const gateRow: Record<GateName, GateName[]> = {
  PUSHED: [],
  FIRST_START: [],
  FIRST_MOVE: ['PUSHED', 'FIRST_START'],
  PRIVATE_GROUND: ['FIRST_MOVE'],
  ROAD_TEST: ['PRIVATE_GROUND'],
  ROAD: ['ROAD_TEST'],
  TRIP: ['ROAD'],
  SALE: ['ROAD'],
}

const withThoseBefore = (gate: GateName): Set<GateName> =>
  new Set([gate, ...gateRow[gate].flatMap((g) => [...withThoseBefore(g)])])

/** What keeps a gate shut, those before it included. */
export const blockersOf = (blockers: Blocker[], gate: GateName) => {
  const row = withThoseBefore(gate)
  return blockers.filter((b) => row.has(b.gate))
}

/** Under each system the gravest first; the system with the gravest thing first. */
export function bySystem(blockers: Blocker[]): [Blocker['system'], Blocker[]][] {
  const groups = new Map<Blocker['system'], Blocker[]>()
  for (const b of blockers) groups.set(b.system, [...(groups.get(b.system) ?? []), b])
  return [...groups]
}

/** Where to remedy it. A kind that is not named here does not compile. */
export function remedyOf(projectId: string, b: Blocker): string {
  const p = `/p/${projectId}`
  switch (b.kind) {
    case 'FINDING':
      return `${p}/walk?finding=${b.id}`
    case 'JOB':
      return b.id ? `${p}/work?job=${b.id}` : `${p}/work`
    case 'CHECKS':
      return `${p}/walk/checks`
    case 'READING': {
      const [limit, place] = b.id.split(' ')
      return `${p}/walk/readings${b.rule === 'READING_MISSING' ? `?new=1&limit=${limit}&place=${place}` : ''}`
    }
    case 'CODES':
      return `${p}/walk/codes`
    case 'OPENING':
      return `${p}/work/ways`
    case 'FASTENER':
      return `${p}/road?fastener=${b.id}`
    case 'PART':
      return `${p}/walk/boxes`
    case 'OWED':
      return `${p}/work/owed`
    case 'PROOF':
      return `${p}/road?proof=${b.id}`
    default: {
      const unknown: never = b.kind
      return unknown
    }
  }
}
