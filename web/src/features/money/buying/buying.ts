import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Buying = Schemas['Weighed']
export type Advice = NonNullable<Buying['advice']>

export const buyingQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['buying', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/buying', { params: { path: { projectId } } })),
  })
