import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Faults = Schemas['FaultsResponse']
export type FaultLine = Faults['lines'][number]

export const faultsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['faults', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/fault-codes', { params: { path: { projectId } } })),
  })

export const causeOf = (faults: Faults, line: FaultLine) =>
  faults.causes.find((c) => c.module === line.code.module && c.code === line.code.code)
