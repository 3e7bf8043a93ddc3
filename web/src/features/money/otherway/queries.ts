import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type OtherWays = Schemas['OtherWaysResponse']
export type Way = Schemas['WayBeside']
export type Said = NonNullable<Way['said']>
/** A way that is shown by itself. */
export type Shown = { projectId: string; way: Way; said: Said; currency: string }

const LOOK_AGAIN_MS = 1000

/** All ways beside each other; asked again while they are run through. */
export const otherWaysQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['money', projectId, 'other-ways'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/other-ways', { params: { path: { projectId } } })),
    refetchInterval: (q) => (q.state.data && !q.state.data.finished ? LOOK_AGAIN_MS : false),
  })
