import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { attachmentsQuery } from '@/api/queries'
import { Photos } from '@/ui/photos/Photos'

/** What was wanted and what came, photo beside photo. */
export function SideBySide({ needId, lineId }: { needId: string; lineId: string }) {
  const { t } = useTranslation()
  const { data: wanted } = useQuery(attachmentsQuery('NEED', needId))
  return (
    <div className="grid grid-cols-2 gap-3">
      <div>
        <h4 className="text-sm font-semibold">{t('delivery.wanted')}</h4>
        <Photos subject="NEED" subjectId={needId} readOnly />
        {wanted?.length === 0 && <p className="quiet text-sm">{t('delivery.noWanted')}</p>}
      </div>
      <div>
        <h4 className="text-sm font-semibold">{t('delivery.came')}</h4>
        <Photos subject="ORDER_LINE" subjectId={lineId} />
      </div>
    </div>
  )
}
