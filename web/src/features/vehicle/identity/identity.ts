import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Feature = Schemas['FeatureResponse']

export const identityQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['identity', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/identity', { params: { path: { projectId } } })),
  })
