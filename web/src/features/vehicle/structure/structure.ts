import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type ReferencePoint = Schemas['ReferencePointResponse']

export const shellQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['structure', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/structure', { params: { path: { projectId } } })),
  })
