import { queryOptions } from '@tanstack/react-query'
import { api, unwrap } from '@/api/client'

/** Tools that the workshop keeps for all its cars. */
export const workshopToolsQuery = queryOptions({
  queryKey: ['money', 'workshop-tools'],
  queryFn: () => unwrap(api.GET('/api/workshop-tools')),
})

/** What the car has cost with and without tools, own stock and own hours. */
export const withAndWithoutQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['money', projectId, 'with-and-without'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/with-and-without', { params: { path: { projectId } } })),
  })
