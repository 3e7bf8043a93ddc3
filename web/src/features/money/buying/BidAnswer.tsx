import { useTranslation } from 'react-i18next'
import { useFormat } from '@/ui/format/format'
import { Further } from '@/ui/page/Page'
import type { Buying } from './buying'

/** Walk away, bid up to, or fair; and how it ended, where it did. */
export function BidAnswer({ buying: b }: { buying: Buying }) {
  const { t } = useTranslation()
  const format = useFormat()
  const money = (minor: number) => format.money(minor, format.currency)
  const ended = b.outcome && <Ended outcome={b.outcome} money={money} />
  const donor = b.asDonor !== undefined && t('bid.asDonor', { ceiling: money(Math.max(0, b.asDonor)) })
  if (!b.advice)
    return (
      <>
        {ended ?? t('bid.lacks')} {donor}
      </>
    )
  const { ceiling, word } = b.advice
  const asked = b.inputs.askedMinor
  const advice = t(`bid.${word}`, { ceiling: money(ceiling.price), asked: asked === undefined ? '' : money(asked) })
  return (
    <>
      {ended ?? advice}
      <Further>
        {ended && advice}{' '}
        {word === 'BID_UP_TO' &&
          asked !== undefined &&
          t('bid.above', { gap: money(asked - ceiling.price), asked: money(asked) })}{' '}
        {word !== 'WALK_AWAY' &&
          ceiling.atLow !== ceiling.atHigh &&
          t('bid.titleEnds', { low: money(ceiling.atLow), high: money(ceiling.atHigh) })}{' '}
        {donor}
      </Further>
    </>
  )
}

function Ended({ outcome: o, money }: { outcome: NonNullable<Buying['outcome']>; money: (minor: number) => string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const date = format.dayAndYear(o.decidedOn)
  const ceiling = money(o.ceilingMinor)
  if (o.outcome === 'LEFT') return t('bid.wasLeft', { date, ceiling, reason: o.reason })
  return (
    <>
      {t('bid.wasBought', { date, ceiling, price: money(o.priceMinor!) })}{' '}
      {o.purpose && t('bid.boughtFor', { purpose: t(`bid.purposes.${o.purpose}`), reason: o.reason })}
    </>
  )
}
