import { queryOptions } from '@tanstack/react-query'
import { api, unwrap, type Schemas } from '@/api/client'

export type Bank = Schemas['BankResponse']
export type OpenLine = Schemas['OpenBankLine']

/** What the bank says was paid, and which receipts it may stand for. */
export const bankQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['bank', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/bank', { params: { path: { projectId } } })),
  })

/** Whom the bank names, or else what for. */
export const nameOf = (line: { payee: string; purpose?: string }) => line.payee || line.purpose || ''
