import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from './format'

type Counted = Pick<Schemas['Need'], 'quantity' | 'unit'>

/** An amount as it stands on a shopping list: "2.5 l", "800 g", "4 m", "10". */
export function useAmounts() {
  const { t } = useTranslation()
  const format = useFormat()
  return ({ quantity, unit }: Counted): string => {
    switch (unit) {
      case 'PIECE':
        return format.number(quantity)
      case 'MILLILITRE':
        return quantity >= 1000
          ? t('amount.litres', { n: format.number(quantity / 1000) })
          : t('amount.millilitres', { n: format.number(quantity) })
      case 'GRAM':
        return quantity >= 1000
          ? t('amount.kilograms', { n: format.number(quantity / 1000) })
          : t('amount.grams', { n: format.number(quantity) })
      case 'CENTIMETRE':
        return t('amount.metres', { n: format.number(quantity / 100) })
    }
  }
}

/** The fewest packs that hold an amount. @param pack how much is in one */
export const packsFor = (amount: number, pack: number) => Math.ceil(amount / pack)
