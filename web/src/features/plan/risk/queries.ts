import { queryOptions } from '@tanstack/react-query'
import { api, unwrap } from '@/api/client'

const LOOK_AGAIN_MS = 700

/** How sure the dates are; asked again while it is worked out. */
export const riskQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['plan', projectId, 'risk'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/risk', { params: { path: { projectId } } })),
    refetchInterval: (q) => (q.state.data?.state === 'RUNNING' ? LOOK_AGAIN_MS : false),
  })
