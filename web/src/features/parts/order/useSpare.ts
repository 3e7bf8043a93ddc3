import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '@/api/client'
import { consumablesQuery } from '@/api/queries'
import { packsFor } from '@/ui/format/amounts'
import type { Offered } from '../basket/BasketCard'
import { linesOf } from '../need/needLines'

/** By part of an order, what is more in its packs than is needed; of what is bought together it stands at the first. */
export function useSpare(needs: Schemas['Need'][], offered: Offered | undefined): Record<string, number> {
  const { data: consumables } = useQuery(consumablesQuery)
  if (offered) return offered.spare
  const spare: Record<string, number> = {}
  for (const line of linesOf(needs)) {
    const pack = consumables?.find((c) => c.id === line.needs[0]!.item)?.pack
    if (pack === undefined || pack <= 1) continue
    const left = packsFor(line.total.quantity, pack) * pack - line.total.quantity
    if (left > 0) spare[line.needs[0]!.id] = left
  }
  return spare
}
