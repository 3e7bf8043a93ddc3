import { useTranslation } from 'react-i18next'
import { useFormat } from '@/ui/format/format'
import type { Way } from './queries'

/** What a way differs in from the plan, in words. @param finished all ways are run through */
export function useDifference(currency: string, finished: boolean) {
  const { t } = useTranslation()
  const format = useFormat()
  const days = (n: number) =>
    n === 0 ? t('way.sameDay') : t(n < 0 ? 'way.daysSooner' : 'way.daysLater', { count: Math.abs(n) })
  const money = (minor: number) => {
    const about = format.guess(Math.abs(minor), currency)
    if (format.guess(0, currency) === about) return t('way.sameMoney')
    return t(minor < 0 ? 'way.less' : 'way.more', { money: about })
  }
  const range = (from: string, to: string) => (from === to ? '' : t('way.range', { from, to }))
  return {
    days: ({ difference: d, dates }: Way) => {
      if (d?.daysFive !== undefined) return days(d.daysFive)
      const road = dates.find((at) => at.aim === 'ROAD_READY')
      return d && finished && road && !road.fiveInTen ? t('way.beyond') : ''
    },
    daysRange: ({ difference: d }: Way) =>
      d?.daysOne === undefined || d.daysNine === undefined ? '' : range(days(d.daysOne), days(d.daysNine)),
    money: ({ difference: d }: Way) => (d ? money(d.minorFive) : ''),
    moneyRange: ({ difference: d }: Way) => (d ? range(money(d.minorOne), money(d.minorNine)) : ''),
  }
}
