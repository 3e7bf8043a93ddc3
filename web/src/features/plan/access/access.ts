import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Access = Schemas['AccessResponse']
export type Opening = Access['openings'][number]
export type Way = Access['ways'][number]

export const accessQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['access', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/access', { params: { path: { projectId } } })),
  })

export const wayOf = (access: Access, id: string) => access.ways.find((w) => w.id === id)!

/** All that has to be open for a way in, itself left out. */
function needed(access: Access, id: string): Set<string> {
  const found = new Set<string>()
  for (const n of wayOf(access, id).needs) {
    found.add(n)
    for (const m of needed(access, n)) found.add(m)
  }
  return found
}

/** @property around openings that it lies inside @property minutes to open and close it and all around it */
export type Bundle = { opening: Opening; around: Opening[]; minutes: number }

/**
 * The openings that jobs ask for themselves, each with those that it lies inside; what takes most comes first. One whose work is done and that
 * nobody opened here has nothing left to show.
 */
export function bundles(access: Access, isOver: (jobId: string) => boolean): Bundle[] {
  return access.openings
    .filter((o) => o.direct.length > 0 && (o.openedOn || !o.jobs.every(isOver)))
    .map((opening) => {
      const outer = needed(access, opening.wayIn)
      const around = access.openings.filter((o) => outer.has(o.wayIn) && opening.jobs.every((j) => o.jobs.includes(j)))
      const minutes = [opening, ...around]
        .map((o) => wayOf(access, o.wayIn))
        .reduce((sum, w) => sum + w.stripMinutes + w.refitMinutes, 0)
      return { opening, around, minutes }
    })
    .sort((a, b) => Number(!!a.opening.closedOn) - Number(!!b.opening.closedOn) || b.minutes - a.minutes)
}
