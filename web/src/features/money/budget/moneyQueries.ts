import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Entry = Schemas['EntryResponse']
export type Money = Schemas['MoneyResponse']

export const moneyQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['money', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/money', { params: { path: { projectId } } })),
  })

export const entriesQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['entries', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/entries', { params: { path: { projectId } } })),
  })

/** A reversed entry and its reversal are one folded line; they change nothing. */
export const isFolded = (e: Entry) => !!e.reversedBy || !!e.reversesId
