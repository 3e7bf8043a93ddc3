import { useTranslation } from 'react-i18next'
import { Trash2 } from 'lucide-react'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { useFormat } from '@/ui/format/format'
import { AddComparable } from './AddComparable'
import type { Buying } from './buying'

/** What like cars fetch: paid or only asked, and which of them lies too far off. */
export function Comparables({ projectId, buying }: { projectId: string; buying: Buying }) {
  const { t } = useTranslation()
  const format = useFormat()
  const drop = useWrite(
    (id: string, writeId) =>
      unwrap(
        api.DELETE('/api/projects/{projectId}/buying/comparables/{id}', {
          params: { path: { projectId, id } },
          ...write(writeId),
        }),
      ),
    { said: () => t('bid.dropped') },
  )
  return (
    <>
      <ul className="mb-3">
        {buying.comparables.map(({ row, leftOut }) => (
          <li key={row.id} className="flex items-center gap-3 border-b border-base-300 py-1">
            <span className="grow">
              {row.title}
              <span className="quiet block text-sm">
                {t(row.sold ? 'bid.sold' : 'bid.onlyAsked')}, {format.day(row.seenOn)}
                {leftOut && ` · ${t('bid.leftOut')}`}
              </span>
            </span>
            <span className={`tabular-nums ${leftOut ? 'line-through' : ''}`}>
              {format.money(row.minor, format.currency)}
            </span>
            <button
              type="button"
              className="btn btn-square btn-ghost"
              aria-label={t('bid.drop', { what: row.title })}
              disabled={drop.isPending}
              onClick={() => drop.mutate(row.id)}
            >
              <Trash2 className="size-5" aria-hidden="true" />
            </button>
          </li>
        ))}
      </ul>
      <ProblemAlert error={drop.error} />
      <AddComparable projectId={projectId} />
    </>
  )
}
