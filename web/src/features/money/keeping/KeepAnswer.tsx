import { Trans, useTranslation } from 'react-i18next'
import { Further } from '@/ui/page/Page'
import { hours, useFormat } from '@/ui/format/format'
import type { Keeping, WaysOn } from './queries'

const bold = <strong className="font-bold" />

/** What the money advises from here on; of what was bought for something else, the price of that. */
export function KeepAnswer({ keeping: k }: { keeping: Keeping }) {
  const { t } = useTranslation()
  const format = useFormat()
  if (!k.waysOn) return <>{t(k.said.nowLikely === undefined ? 'keep.lacksNow' : 'keep.lacksFinished')}</>
  const { gain } = k.waysOn
  const about = (minor: number) => format.guess(Math.abs(minor), k.currency)
  return (
    <>
      <Trans
        i18nKey={`keep.${wordOf(k.waysOn)}`}
        values={{
          better: about(gain.likelyMinor),
          worse: about(gain.likelyMinor),
          low: about(gain.lowMinor),
          high: about(gain.highMinor),
        }}
        components={{ b: bold }}
      />
      {k.unestimated > 0 && <Further>{t('keep.unestimated', { count: k.unestimated })}</Further>}
      {k.purpose && gain.likelyMinor < 0 && (
        <Further>{t('keep.forPurpose', { purpose: t(`bid.purposes.${k.purpose}`), reason: k.reason })}</Further>
      )}
    </>
  )
}

function wordOf({ verdict, gain }: WaysOn) {
  if (verdict !== 'OPEN') return verdict
  return gain.likelyMinor >= 0 ? ('OPEN_BETTER' as const) : ('OPEN_WORSE' as const)
}

/** What is left once it is gone, to the cent. */
export function FinalAnswer({ keeping: k }: { keeping: Keeping }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { result, currency, said } = k
  const money = (minor: number) => format.money(Math.abs(minor), currency)
  return (
    <>
      <Trans
        i18nKey={result.minor >= 0 ? 'keep.left' : 'keep.cost'}
        values={{ money: money(result.minor) }}
        components={{ b: bold }}
      />
      {result.perHourMinor !== undefined && (
        <Further>
          {t('keep.leftHour', {
            hours: hours(result.minutes),
            money: format.money(result.perHourMinor, currency),
          })}{' '}
          {said.hourMinor > 0 &&
            t(result.ifPaidMinor >= 0 ? 'keep.ifPaid' : 'keep.ifPaidCost', { money: money(result.ifPaidMinor) })}
        </Further>
      )}
      {(k.drafts > 0 || k.orderedNotPaidMinor > 0) && (
        <Further>
          {k.drafts > 0 && t('keep.drafts', { count: k.drafts })}{' '}
          {k.orderedNotPaidMinor > 0 && t('keep.ordered', { money: money(k.orderedNotPaidMinor) })}
        </Further>
      )}
    </>
  )
}
