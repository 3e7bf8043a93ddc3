import { useTranslation } from 'react-i18next'
import { useFormat } from '@/ui/format/format'
import { Further } from '@/ui/page/Page'
import type { Buying } from './buying'

/** Walk away, bid up to, or fair; and how it ended, where it did. */
export function BidAnswer({ buying: b }: { buying: Buying }) {
  const { t } = useTranslation()
  const format = useFormat()
  const money = (minor: number) => format.money(minor, format.currency)
  const about = (minor: number) => format.guess(minor, format.currency, Math.floor)
  const ended = useEnded(b, money, about)
  const donor = b.asDonor !== undefined && t('bid.asDonor', { ceiling: about(Math.max(0, b.asDonor)) })
  if (!b.advice)
    return (
      <>
        {ended?.how ?? t('bid.lacks')}
        <Further>
          {ended?.why} {donor}
        </Further>
      </>
    )
  const { ceiling, word } = b.advice
  const asked = b.inputs.askedMinor
  const advice = t(`bid.${word}`, { ceiling: about(ceiling.price), asked: asked === undefined ? '' : money(asked) })
  return (
    <>
      {ended?.how ?? advice}
      <Further>
        {ended && `${ended.why ?? ''} ${advice}`}{' '}
        {word === 'BID_UP_TO' &&
          asked !== undefined &&
          t('bid.above', { gap: about(asked - ceiling.price), asked: money(asked) })}{' '}
        {word !== 'WALK_AWAY' &&
          ceiling.atLow !== ceiling.atHigh &&
          t('bid.titleEnds', { low: about(ceiling.atLow), high: about(ceiling.atHigh) })}{' '}
        {donor}
      </Further>
    </>
  )
}

function useEnded(buying: Buying, money: (minor: number) => string, about: (minor: number) => string) {
  const { t } = useTranslation()
  const format = useFormat()
  const o = buying.outcome
  if (!o) return undefined
  const said = { date: format.dayAndYear(o.decidedOn), ceiling: about(o.ceilingMinor) }
  if (o.outcome === 'LEFT') return { how: t('bid.wasLeft', said), why: t('bid.because', { reason: o.reason }) }
  return {
    how: t('bid.wasBought', { ...said, price: money(o.priceMinor!) }),
    why: o.purpose && t('bid.boughtFor', { purpose: t(`bid.purposes.${o.purpose}`), reason: o.reason }),
  }
}
