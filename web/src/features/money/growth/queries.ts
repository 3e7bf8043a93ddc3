import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Growth = Schemas['GrowthResponse']

/** What the whole was thought to cost, from the bid on. */
export const growthQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['money', projectId, 'growth'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/forecast/growth', { params: { path: { projectId } } })),
  })
