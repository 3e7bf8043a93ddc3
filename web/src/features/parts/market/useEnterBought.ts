import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Problem } from '@/api/client'
import { lookAgain } from '@/api/lookAgain'
import { useFormat } from '@/ui/format/format'
import { parseMinor } from '@/ui/format/money'
import type { Bought } from './useBought'

type Entering = { placeId: string; lines: { key: string; bought: Bought }[] }

/** Enters what was bought away from home, one line after the other; what could not be entered stays ticked. */
export function useEnterBought(projectId: string, keepOnly: (keys: string[]) => void) {
  const { t } = useTranslation()
  const { currency } = useFormat()
  const queries = useQueryClient()
  const enter = ({ needs, matched, on, paid, entryId, writeId }: Bought, placeId: string) => {
    const paidMinor = parseMinor(paid, currency) ?? 0
    return unwrap(
      api.POST('/api/projects/{projectId}/bought', {
        params: { path: { projectId } },
        body: {
          needs,
          placeId,
          boughtOn: on,
          matched,
          paidMinor,
          remark: t('market.reason'),
          ...(paidMinor > 0 && { entryId }),
        },
        ...write(writeId),
      }),
    )
  }
  return useMutation<void, Problem, Entering>({
    mutationFn: async ({ placeId, lines }) => {
      const refused: Problem[] = []
      const left: string[] = []
      for (const { key, bought } of lines)
        await enter(bought, placeId).catch((problem: Problem) => {
          refused.push(problem)
          left.push(key)
        })
      keepOnly(left)
      void lookAgain(queries)
      if (refused[0]) throw refused[0]
    },
  })
}
