import type { Schemas } from '@/api/client'

export type Road = Schemas['RoadResponse']
export type Blocker = Schemas['Blocker']
export type GateName = Schemas['GateResponse']['gate']
export type Proof = Schemas['ProofResponse']
export type Fastener = Schemas['FastenerRow']

/** What keeps a gate shut, those before it included. */
export const blockersOf = (road: Road, gate: GateName) => {
  const row = road.gates.find((g) => g.gate === gate)?.row ?? []
  return road.blockers.filter((b) => row.includes(b.gate))
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
  const work = `${p}/work`
  const { kind, id } = b.remedy
  switch (kind) {
    case 'FINDING':
      return `${p}/walk?finding=${id}`
    case 'JOB':
      return id ? `${work}?job=${id}` : work
    case 'CHECKS':
      return `${p}/walk/checks`
    case 'READING': {
      const [limit, place] = id.split(' ')
      return `${p}/walk/readings${b.rule === 'READING_MISSING' ? `?new=1&limit=${limit}&place=${place}` : ''}`
    }
    case 'CODES':
      return `${p}/walk/fault-codes`
    case 'STRIP_DOWN':
      return `${work}/access`
    case 'FASTENER':
      return `${p}/road?fastener=${id}`
    case 'PART':
      return `${p}/walk/inventory`
    case 'OUTSTANDING':
      return `${work}/outstanding`
    case 'PROOF':
      return `${p}/road?proof=${id}`
    default: {
      const unknown: never = kind
      return unknown
    }
  }
}
