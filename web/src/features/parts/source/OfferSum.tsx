import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from '@/ui/format/format'

/** What one offer costs if it alone came in a parcel, line by line, and when it would come. */
export function OfferSum({ offer, leadDays }: { offer: Schemas['PartOfferResponse']; leadDays: number }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { goodsMinor, postMinor, dutyMinor, taxMinor, totalMinor } = offer.landed
  const { riskMinor, depositMinor } = offer
  const money = (minor: number | undefined) => format.money(minor ?? 0, format.currency)
  const more = (['post', 'duty', 'tax'] as const)
    .map((key) => [key, { post: postMinor, duty: dutyMinor, tax: taxMinor }[key] ?? 0] as const)
    .filter(([, minor]) => minor > 0)
    .map(([key, minor]) => t(`offer.${key}`, { money: money(minor) }))
  return (
    <div className="text-sm">
      <p>
        <span className="text-base font-semibold">{t('offer.alone', { money: money(totalMinor) })}</span>
        {more.length > 0 && ` (${[t('offer.goods', { money: money(goodsMinor) }), ...more].join(', ')})`}
        {!!riskMinor && `, ${t('offer.risk', { money: money(riskMinor) })}`}
        {!!depositMinor && `, ${t('offer.depositOn', { money: money(depositMinor) })}`}
      </p>
      <p>
        {t('offer.comes', { count: leadDays })}
        {offer.lateDays > 0 && (
          <>
            {', '}
            <strong>{t('offer.late', { count: offer.lateDays })}</strong>
          </>
        )}
      </p>
    </div>
  )
}
