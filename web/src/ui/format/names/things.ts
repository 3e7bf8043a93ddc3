import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '@/api/client'
import { anatomyQuery } from '@/api/queries'

export type Thing = Schemas['ComponentResponse']

/** A zone's place on either side: "sill" for "sill-left". */
export const placeOf = (zone: string) => zone.replace(/-(left|right)$/, '')

/** What a vehicle is made of, and what it may do when something is wrong. */
export function useThings(projectId: string) {
  const { data } = useQuery(anatomyQuery(projectId))
  const all = data ?? []
  return {
    at: (zone: string) => all.filter((c) => c.places.includes(placeOf(zone))),
    find: (id: string | undefined) => all.find((c) => c.id === id),
  }
}

type Kind = Thing['kinds'][number]

/** What can be wrong with a thing, or with whatever is at the place where nobody named one; all where nothing is known of it. */
export function kindsOf(thing: Thing | undefined, here: Thing[], all: readonly Kind[]): readonly Kind[] {
  if (thing) return all.filter((k) => thing.kinds.includes(k))
  const possible = new Set(here.filter((c) => !c.symptom).flatMap((c) => c.kinds))
  return possible.size === 0 ? all.filter((k) => k !== 'SYMPTOM') : all.filter((k) => possible.has(k))
}
