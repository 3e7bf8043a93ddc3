import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from '@/ui/format/format'
import { recordsQuery } from './queries'

/** What deliveries from a seller were like, and whether one had better buy elsewhere. */
export function SellerSays({ seller }: { seller: Schemas['Supplier'] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { data: records } = useQuery(recordsQuery)
  const known = records?.find((r) => r.supplierId === seller.id)
  if (seller.avoid) return <p className="font-semibold">{t('seller.avoided', { why: seller.avoidReason })}</p>
  if (!known || known.came === 0) return <p className="quiet text-sm">{t('seller.nothing')}</p>
  return (
    <>
      <p className="text-sm">
        {[
          t('seller.came', { count: known.came }),
          t('seller.onTime', { n: known.onTime }),
          t('seller.right', { n: known.right }),
          known.failed > 0 &&
            t('seller.failed', { count: known.failed, money: format.money(known.failedMinor ?? 0, format.currency) }),
        ]
          .filter(Boolean)
          .join(', ')}
      </p>
      {known.isToAvoid && <p className="font-semibold">{t('seller.better')}</p>}
    </>
  )
}
