import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Printer } from 'lucide-react'
import { useAmounts } from '@/ui/format/amounts'
import { useFormat } from '@/ui/format/format'
import { Part } from '@/ui/page/Page'
import { harvestQuery } from './queries'

/** What to look for on a donor: how to tell the right one, what to take along, what it may cost. */
export function HarvestList({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const amount = useAmounts()
  const { data: list } = useQuery(harvestQuery(projectId))
  if (!list) return null
  const tools = [...new Set(list.flatMap((h) => h.tools))].sort((a, b) => a.localeCompare(b))
  return (
    <Part
      title={t('donor.harvest')}
      aside={
        list.length > 0 && (
          <button type="button" className="btn btn-ghost btn-sm no-print" onClick={() => window.print()}>
            <Printer className="size-5" aria-hidden="true" />
            {t('donor.print')}
          </button>
        )
      }
    >
      <p className="quiet no-print text-sm">{t(list.length > 0 ? 'donor.harvestHow' : 'donor.harvestNone')}</p>
      {tools.length > 0 && <p className="mt-1 text-sm">{t('donor.tools', { what: tools.join(', ') })}</p>}
      <ul className="mt-2 gap-x-8 sm:columns-2 [&>li]:break-inside-avoid">
        {list.map((h) => (
          <li key={h.needId} className="flex items-baseline gap-3 border-b border-base-300 py-1.5">
            <span aria-hidden="true" className="size-4 shrink-0 self-center border border-base-content" />
            <span className="grow">
              {h.title}
              {h.unit !== 'PIECE' ? `, ${amount(h)}` : h.quantity > 1 && ` × ${h.quantity}`}
              {h.side !== 'NONE' && `, ${t(`side.${h.side}`)}`}
              {h.tell.map((what) => (
                <span key={what} className="block text-sm font-semibold">
                  {t('donor.tell', { what })}
                </span>
              ))}
            </span>
            {h.limitMinor !== undefined && (
              <span className="text-sm whitespace-nowrap">
                {t('donor.limit', { money: format.guess(h.limitMinor, format.currency) })}
              </span>
            )}
          </li>
        ))}
      </ul>
    </Part>
  )
}
