import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type FindingEstimate = Schemas['FindingEstimateResponse']
export type Rust = NonNullable<NonNullable<FindingEstimate['said']>['rust']>

export const estimatesQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['estimates', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/estimates', { params: { path: { projectId } } })),
  })

/** The degrees of rusting and the share of an area that each stands for. */
export const rustGradesQuery = queryOptions({
  queryKey: ['rust-grades'],
  queryFn: () => unwrap(api.GET('/api/rust-grades')),
  staleTime: Infinity,
})

/** Three typed values: all given and rising, or none at all. */
export function three<T extends number>(
  typed: readonly [string, string, string],
  read: (text: string) => T | undefined,
): [T, T, T] | 'none' | 'wrong' {
  if (typed.every((v) => v.trim() === '')) return 'none'
  const [low, likely, high] = typed.map(read)
  if (low === undefined || likely === undefined || high === undefined) return 'wrong'
  return low <= likely && likely <= high ? [low, likely, high] : 'wrong'
}
