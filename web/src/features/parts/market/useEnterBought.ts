import { useMutation, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Problem, type Schemas } from '@/api/client'
import { lookAgain } from '@/api/lookAgain'
import { useFormat } from '@/ui/format/format'
import { parseMinor } from '@/ui/format/money'
import { factsOf } from '../delivery/facts'
import type { NeedLine } from '../need/list/needLines'
import type { Bought } from './useBought'

type Ticked = { line: NeedLine; bought: Bought }

/** Enters what was bought away from home, one after the other: the part is there, and what it cost is a draft of the ledger. */
export function useEnterBought(projectId: string, keepOnly: (keys: string[]) => void) {
  const { t } = useTranslation()
  const { currency } = useFormat()
  const queries = useQueryClient()
  const enterOne = async ({ line, bought }: Ticked) => {
    for (const { needId, version, writeId } of bought.accept) {
      const need = line.needs.find((n) => n.id === needId)
      if (!need) continue
      await unwrap(
        api.POST('/api/needs/{id}/acceptance', {
          params: { path: { id: needId } },
          body: {
            right: true,
            reason: t('market.reason'),
            matched: factsOf(need).filter((fact) => bought.matched.includes(fact)),
            version,
          },
          ...write(writeId),
        }),
      )
    }
    const minor = parseMinor(bought.paid, currency) ?? 0
    if (minor > 0)
      await unwrap(
        api.POST('/api/projects/{projectId}/entries', {
          params: { path: { projectId } },
          body: { id: bought.entryId, fields: entryOf(line, bought, minor, currency) },
          ...write(bought.entryWrite),
        }),
      )
  }
  return useMutation<void, Problem, Ticked[]>({
    mutationFn: async (ticked) => {
      const left = ticked.map((x) => x.line.key)
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

function entryOf(line: NeedLine, bought: Bought, minor: number, currency: string): Schemas['EntryFields'] {
  return {
    kind: 'PURCHASE',
    description: line.needs[0]!.title,
    currency,
    amountMinor: minor,
    rate: 1,
    rateOn: bought.on,
    paidOn: bought.on,
    splits: sharesOf(line, minor),
  }
}

/** What each job takes of the price, by its amount; what does not divide stays with the last. */
export function sharesOf(line: NeedLine, minor: number): Schemas['SplitFields'][] {
  let left = minor
  return line.needs.map((n, i) => {
    const share = i === line.needs.length - 1 ? left : Math.floor((minor * n.quantity) / line.total.quantity)
    left -= share
    return n.jobId
      ? { destination: 'JOB' as const, jobId: n.jobId, baseMinor: share }
      : { destination: 'VEHICLE' as const, baseMinor: share }
  })
}
