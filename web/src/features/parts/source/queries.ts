import { queryOptions } from '@tanstack/react-query'
import { api, unwrap } from '@/api/client'

export const sourcesQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['sources', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/sources', { params: { path: { projectId } } })),
  })

/** What is to be bought, what each offer costs, and three ways to buy it all. */
export const shoppingQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['baskets', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/baskets', { params: { path: { projectId } } })),
  })
