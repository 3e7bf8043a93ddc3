import { keepPreviousData, queryOptions } from '@tanstack/react-query'
import { api, unwrap } from '@/api/client'

export const shelfQuery = (q: string) =>
  queryOptions({
    queryKey: ['shelf', q],
    placeholderData: keepPreviousData,
    queryFn: () => unwrap(api.GET('/api/shelf', { params: { query: { q } } })),
  })

export const fitsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['shelf', 'fits', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/shelf-fits', { params: { path: { projectId } } })),
  })

export const movesQuery = (id: string) =>
  queryOptions({
    queryKey: ['shelf', 'moves', id],
    queryFn: () => unwrap(api.GET('/api/stock/{id}/moves', { params: { path: { id } } })),
  })
