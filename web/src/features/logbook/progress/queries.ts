import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Progress = Schemas['PaceResponse']

/** Nothing while nobody has worked on it. */
export const progressQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['progress', projectId],
    queryFn: async () =>
      (await unwrap(api.GET('/api/projects/{projectId}/progress', { params: { path: { projectId } } }))) ?? null,
  })
