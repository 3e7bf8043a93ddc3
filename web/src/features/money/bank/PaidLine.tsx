import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { useFormat } from '@/ui/format/format'
import { nameOf } from './queries'

/** One payment as the bank says it, and what can be done with it. */
export function PaidLine({
  line,
  currency,
  children,
}: {
  line: { paidOn: string; minor: number; payee: string; purpose?: string }
  currency: string
  children: ReactNode
}) {
  const { t } = useTranslation()
  const format = useFormat()
  return (
    <li className="border-b border-base-300 py-2">
      <div className="flex justify-between gap-4">
        <span>
          <span className="quiet mr-2 whitespace-nowrap text-sm">{format.shortDay(line.paidOn)}</span>
          <span className="font-semibold">{nameOf(line) || t('bank.unnamed')}</span>
          {line.payee && line.purpose && <span className="quiet block text-sm">{line.purpose}</span>}
        </span>
        <span className="whitespace-nowrap">{format.money(line.minor, currency)}</span>
      </div>
      {children}
    </li>
  )
}
