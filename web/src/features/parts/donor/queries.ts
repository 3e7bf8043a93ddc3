import { queryOptions } from '@tanstack/react-query'
import { api, unwrap } from '@/api/client'

export const donorsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['donors', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/donors', { params: { path: { projectId } } })),
  })

export const harvestQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['donors', projectId, 'harvest'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/harvest', { params: { path: { projectId } } })),
  })
