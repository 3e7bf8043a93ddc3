import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Walk = Schemas['WalkResponse']
export type Step = Schemas['WalkStepResponse']
export type Seen = NonNullable<Step['seen']>
export type HowSeen = Schemas['CheckTextResponse']['seen']

export const checksQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['checks', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/checks', { params: { path: { projectId } } })),
  })

export const looks: HowSeen[] = ['PHOTO', 'WALKED_ROUND', 'ON_STANDS', 'OPENED']

/** The next unanswered step after the given one, in walking order and then from its beginning; -1 when all are answered. */
export function nextUnanswered(steps: Step[], after: number): number {
  const later = steps.findIndex((s, i) => i > after && !s.seen)
  return later >= 0 ? later : steps.findIndex((s) => !s.seen)
}

/** The other unanswered checks at a place that this way of looking settles. */
export function restHere(walk: Walk, at: Step, how: HowSeen): Step[] {
  const settled = new Set(walk.checks.filter((c) => c.settledBy.includes(how)).map((c) => c.id))
  return walk.steps.filter((s) => s.place === at.place && s !== at && !s.seen && settled.has(s.checkId))
}
