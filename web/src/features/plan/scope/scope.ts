import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Scope = Schemas['Scope']

export const scopeQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['scope', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/scope', { params: { path: { projectId } } })),
  })
