import { useTranslation } from 'react-i18next'
import { Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import type { Totals } from '../totals/queries'
import { useGroupName } from '../totals/useGroupName'

/** Opening and the groups of the year are closing. */
export function YearMoney({ totals }: { totals: Totals }) {
  const { t } = useTranslation()
  const format = useFormat()
  const nameOf = useGroupName(totals.by)
  const line = (name: string, minor: number, strong = false) => (
    <li
      key={name}
      className={`flex justify-between gap-4 border-b border-base-300 py-1 ${strong ? 'font-semibold' : ''}`}
    >
      <span>{name}</span>
      <span className="whitespace-nowrap">{format.money(minor, format.currency)}</span>
    </li>
  )
  return (
    <Part title={t('year.money')}>
      <ul className="tabular-nums">
        {line(t('year.opening'), totals.openingMinor)}
        {totals.groups.map((g) => line(nameOf(g), g.baseMinor))}
        {line(t('year.closing'), totals.closingMinor, true)}
      </ul>
    </Part>
  )
}
