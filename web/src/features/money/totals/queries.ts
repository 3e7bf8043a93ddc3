import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Totals = Schemas['MoneyTotalsResponse']
export type GroupedBy = Totals['by']
export type Asked = { by: GroupedBy; from?: string; to?: string }

/** What was booked, added up by what is asked for. */
export const totalsQuery = (projectId: string, asked: Asked) =>
  queryOptions({
    queryKey: ['money', projectId, 'totals', asked],
    queryFn: () =>
      unwrap(api.GET('/api/projects/{projectId}/totals', { params: { path: { projectId }, query: asked } })),
  })

/** The budget of each group against what it has cost and will. */
export const groupsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['money', projectId, 'groups'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/groups', { params: { path: { projectId } } })),
  })
