import { queryOptions } from '@tanstack/react-query'
import { api, unwrap } from '@/api/client'

export const conversionsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['needs', projectId, 'conversions'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/conversions', { params: { path: { projectId } } })),
  })
