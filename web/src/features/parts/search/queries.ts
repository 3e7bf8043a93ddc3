import { queryOptions } from '@tanstack/react-query'
import { api, unwrap } from '@/api/client'

export const searchesQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['needs', projectId, 'searches'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/part-searches', { params: { path: { projectId } } })),
  })

export const interchangeQuery = (q: string) =>
  queryOptions({
    queryKey: ['interchange', q],
    queryFn: () => unwrap(api.GET('/api/interchange', { params: { query: { q } } })),
  })
