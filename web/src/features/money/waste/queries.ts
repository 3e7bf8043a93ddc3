import { queryOptions } from '@tanstack/react-query'
import { api, unwrap } from '@/api/client'

/** What was for nothing, by its cause. */
export const wasteQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['money', projectId, 'waste'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/waste', { params: { path: { projectId } } })),
  })
