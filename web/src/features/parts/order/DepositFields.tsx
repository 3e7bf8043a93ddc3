import { useTranslation } from 'react-i18next'
import { Amount, Line } from '@/ui/form/named'

/** What is left with the seller until he has the old part: no price, but money that is away. */
export function DepositFields({ currency, open }: { currency: string; open: boolean }) {
  const { t } = useTranslation()
  return (
    <details open={open}>
      <summary className="cursor-pointer py-2 font-semibold">{t('parts.deposit')}</summary>
      <div className="grid grid-cols-2 gap-3">
        <Amount name="deposit" label={t('parts.depositSum', { currency })} currency={currency} />
        <Line name="depositReturnBy" label={t('parts.depositBy')} type="date" />
      </div>
      <p className="quiet text-sm">{t('parts.depositHint')}</p>
    </details>
  )
}
