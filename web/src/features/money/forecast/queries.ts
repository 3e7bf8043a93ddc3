import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Forecast = Schemas['ForecastResponse']

/** What it will have cost in the end. */
export const forecastQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['money', projectId, 'forecast'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/forecast', { params: { path: { projectId } } })),
  })
