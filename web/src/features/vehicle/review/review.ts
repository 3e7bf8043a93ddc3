import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Review = Schemas['ReviewResponse']

/** The token goes in a header: in an address it would end up in logs. */
export const tokenHeader = (token: string) => ({ 'Review-Token': token })

export const reviewQuery = (token: string) =>
  queryOptions({
    queryKey: ['review', token],
    queryFn: () => unwrap(api.GET('/api/review', { params: { header: tokenHeader(token) } })),
    retry: false,
  })
