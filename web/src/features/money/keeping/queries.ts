import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Keeping = Schemas['KeepingResponse']
export type WaysOn = NonNullable<Keeping['waysOn']>

/** Whether to keep it, and what it has cost to have it. */
export const keepingQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['money', projectId, 'keeping'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/keeping', { params: { path: { projectId } } })),
  })
