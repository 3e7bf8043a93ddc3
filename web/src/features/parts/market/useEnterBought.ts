import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Problem, type Schemas } from '@/api/client'
import { lookAgain } from '@/api/lookAgain'
import { useFormat } from '@/ui/format/format'
import { parseMinor } from '@/ui/format/money'
import type { Bought } from './useBought'

type Ticked = { need: Schemas['Need']; bought: Bought }

/** Enters what was bought away from home, one after the other: the part is there, and what it cost is a draft of the ledger. */
export function useEnterBought(projectId: string, keepOnly: (needIds: string[]) => void) {
  const { t } = useTranslation()
  const { currency } = useFormat()
  const queries = useQueryClient()
  const enterOne = async ({ need, bought }: Ticked) => {
    await unwrap(
      api.POST('/api/needs/{id}/acceptance', {
        params: { path: { id: need.id } },
        body: { right: true, reason: t('market.reason'), matched: bought.matched, version: bought.version },
        ...write(bought.acceptWrite),
      }),
    )
    const minor = parseMinor(bought.paid, currency) ?? 0
    if (minor > 0)
      await unwrap(
        api.POST('/api/projects/{projectId}/entries', {
          params: { path: { projectId } },
          body: { id: bought.entryId, fields: entryOf(need, bought, minor, currency) },
          ...write(bought.entryWrite),
        }),
      )
  }
  return useMutation<void, Problem, Ticked[]>({
    mutationFn: async (ticked) => {
      const left = ticked.map((x) => x.need.id)
      try {
        for (const one of ticked) {
          await enterOne(one)
          left.shift()
        }
      } finally {
        keepOnly(left)
        void lookAgain(queries)
      }
    },
  })
}

function entryOf(need: Schemas['Need'], bought: Bought, minor: number, currency: string): Schemas['EntryFields'] {
  return {
    kind: 'PURCHASE',
    description: need.title,
    currency,
    amountMinor: minor,
    rate: 1,
    rateOn: bought.on,
    paidOn: bought.on,
    splits: [
      need.jobId
        ? { destination: 'JOB', jobId: need.jobId, baseMinor: minor }
        : { destination: 'VEHICLE', baseMinor: minor },
    ],
  }
}
