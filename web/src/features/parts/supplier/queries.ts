import { queryOptions } from '@tanstack/react-query'
import { api, unwrap } from '@/api/client'

export const recordsQuery = queryOptions({
  queryKey: ['suppliers', 'records'],
  queryFn: () => unwrap(api.GET('/api/suppliers/records')),
})
