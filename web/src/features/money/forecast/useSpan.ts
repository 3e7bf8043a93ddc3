import { useTranslation } from 'react-i18next'
import { useFormat } from '@/ui/format/format'
import type { Forecast } from './queries'

/** From low to high, or one figure where nobody has to guess. */
export function useSpan(currency: string) {
  const { t } = useTranslation()
  const format = useFormat()
  return (lines: Forecast['lines']) => {
    const low = lines.reduce((sum, l) => sum + l.lowMinor, 0)
    const high = lines.reduce((sum, l) => sum + l.highMinor, 0)
    if (high === 0) return t('forecast.nothing')
    const [from, to] = [format.guess(low, currency), format.guess(high, currency)]
    return from === to ? t('forecast.about', { money: to }) : t('forecast.range', { low: from, high: to })
  }
}
