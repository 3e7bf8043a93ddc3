import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { withAndWithoutQuery } from '../ownstock/queries'
import { totalsQuery } from '../totals/queries'
import { useGroupName } from '../totals/useGroupName'
import type { Keeping } from './queries'

/** What came in and what went out for a car that is gone, by kind; the sum is what it left. */
export function FinalAccount({ projectId, keeping: k }: { projectId: string; keeping: Keeping }) {
  const { t } = useTranslation()
  const format = useFormat()
  const nameOf = useGroupName('KIND')
  const { data: totals } = useQuery(totalsQuery(projectId, { by: 'KIND' }))
  const { data: counted } = useQuery(withAndWithoutQuery(projectId))
  const tools = counted?.toolsMinor ?? 0
  if (!totals || totals.groups.length === 0) return null
  const lines = totals.groups.toSorted((a, b) => a.baseMinor - b.baseMinor)
  return (
    <Part title={t('keep.account')}>
      <ul className="max-w-xl tabular-nums">
        {lines.map((g) => (
          <li key={g.key} className="flex justify-between gap-4 border-b border-base-300 py-1.5">
            <span>{nameOf(g)}</span>
            <span className="whitespace-nowrap">{format.money(-g.baseMinor, k.currency)}</span>
          </li>
        ))}
        <li className="flex justify-between gap-4 py-1.5 font-bold">
          <span>{t(k.result.minor >= 0 ? 'keep.isLeft' : 'keep.isLost')}</span>
          <span className="whitespace-nowrap">{format.money(k.result.minor, k.currency)}</span>
        </li>
      </ul>
      {tools > 0 && (
        <p className="max-w-xl">
          {t('keep.toolsStay', {
            tools: format.money(tools, k.currency),
            result: format.money(k.result.minor + tools, k.currency),
          })}
        </p>
      )}
    </Part>
  )
}
