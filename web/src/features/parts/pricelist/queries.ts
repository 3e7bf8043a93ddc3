import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import { api, unwrap } from '@/api/client'

export const listsQuery = queryOptions({
  queryKey: ['suppliers', 'lists'],
  queryFn: () => unwrap(api.GET('/api/suppliers/lists')),
})

export const articlesQuery = (q: string) =>
  queryOptions({
    queryKey: ['articles', q],
    enabled: q.length > 1,
    placeholderData: keepPreviousData,
    queryFn: () => unwrap(api.GET('/api/articles', { params: { query: { q } } })),
  })
