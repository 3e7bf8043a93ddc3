import type { Schemas } from '@/api/client'

export type Access = Schemas['AccessResponse']
export type Opening = Access['openings'][number]
export type Way = Access['ways'][number]

export const wayOf = (access: Access, id: string) => access.ways.find((w) => w.id === id)!

/**
 * The openings that jobs ask for themselves; what takes most comes first. One whose work is done and that nobody opened here has nothing left
 * to show.
 */
export const shown = (access: Access, isOver: (jobId: string) => boolean): Opening[] =>
  access.openings
    .filter((o) => o.direct.length > 0 && (o.openedOn || !o.jobs.every(isOver)))
    .sort((a, b) => Number(!!a.closedOn) - Number(!!b.closedOn) || b.minutes - a.minutes)
