import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { suppliersQuery } from '@/api/queries'
import { useFormat } from '@/ui/format/format'

/** Who sells, by name and currency; what nobody sells costs money of one's own. */
export function useSellers() {
  const { t } = useTranslation()
  const format = useFormat()
  const { data: suppliers } = useQuery(suppliersQuery)
  const of = (id: string | undefined) => suppliers?.find((s) => s.id === id)
  return {
    all: suppliers ?? [],
    of,
    name: (id: string | undefined) => of(id)?.name ?? t('offer.atHome'),
    currency: (id: string | undefined) => of(id)?.currency ?? format.currency,
  }
}
