import { queryOptions } from '@tanstack/react-query'
import { api, unwrap } from '@/api/client'

/** Which orders went to their sellers over the wire, which may, and whether anybody can be asked at all. */
export const sendingsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['orders', projectId, 'sent'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/orders/sent', { params: { path: { projectId } } })),
  })
