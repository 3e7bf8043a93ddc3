import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from '@/ui/format/format'

/** What is known of a thing besides its name and place, in a line. */
export function useStockSays() {
  const { t } = useTranslation()
  const format = useFormat()
  return (s: Schemas['StockResponse']): string =>
    [
      s.side !== 'NONE' && t(`side.${s.side}`),
      t(`condition.${s.condition}`),
      t(`stockOrigin.${s.origin}`),
      s.vehicle,
      s.isToCollect ? t('shelf.toCollect', { buyer: s.buyer }) : s.fate !== 'UNDECIDED' && t(`fate.${s.fate}`),
      !s.isToCollect &&
        s.askingMinor !== undefined &&
        t('shelf.asking', { money: format.money(s.askingMinor, format.currency) }),
      !!s.worthMinor && t('shelf.worthSays', { money: format.money(s.worthMinor, format.currency) }),
      s.replacedBy && t('shelf.keepFor'),
    ]
      .filter((said) => !!said)
      .join(' · ')
}
