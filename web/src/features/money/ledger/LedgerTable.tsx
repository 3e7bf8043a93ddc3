import { useMemo, useState } from 'react'
import {
  createColumnHelper,
  createSortedRowModel,
  rowSortingFeature,
  sortFns,
  tableFeatures,
  useTable,
  type SortingState,
} from '@tanstack/react-table'
import { useTranslation } from 'react-i18next'
import { ArrowDown, ArrowUp, Paperclip } from 'lucide-react'
import { useFormat } from '@/ui/format/format'
import type { Entry } from '../budget/moneyQueries'

const features = tableFeatures({ rowSortingFeature, sortedRowModel: createSortedRowModel(), sortFns })
const column = createColumnHelper<typeof features, Entry>()

/** The ledger's lines; a press on a heading sorts, a press on a line opens it. */
export function LedgerTable({
  entries,
  onOpen,
  label,
}: {
  entries: Entry[]
  onOpen: (id: string) => void
  label: string
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const [sorting, setSorting] = useState<SortingState>([{ id: 'paidOn', desc: true }])
  const columns = useMemo(
    () =>
      column.columns([
        column.accessor('paidOn', { header: t('money.paidOn'), cell: (c) => format.shortDay(c.getValue()) }),
        column.accessor('description', { header: t('money.what') }),
        column.accessor('baseMinor', { header: t('money.amount') }),
      ]),
    [t, format],
  )
  const table = useTable({ features, columns, data: entries, state: { sorting }, onSortingChange: setSorting })
  return (
    <table className="w-full" aria-label={label}>
      <thead>
        <tr className="border-b border-base-300 text-left text-sm">
          {table.getFlatHeaders().map((h) => {
            const sorted = h.column.getIsSorted()
            return (
              <th
                key={h.id}
                scope="col"
                aria-sort={sorted === 'asc' ? 'ascending' : sorted === 'desc' ? 'descending' : 'none'}
                className={h.id === 'baseMinor' ? 'text-right' : ''}
              >
                <button
                  type="button"
                  className="inline-flex min-h-9 items-center gap-1 font-semibold"
                  onClick={h.column.getToggleSortingHandler()}
                >
                  <table.FlexRender header={h} />
                  {sorted === 'asc' && <ArrowUp className="size-4" aria-hidden="true" />}
                  {sorted === 'desc' && <ArrowDown className="size-4" aria-hidden="true" />}
                </button>
              </th>
            )
          })}
        </tr>
      </thead>
      <tbody>
        {table.getRowModel().rows.map(({ original: e }) => (
          <tr key={e.id} className="border-b border-base-300 last:border-0 hover:bg-base-200">
            <td className="quiet whitespace-nowrap py-1.5 pr-3 align-top text-sm">{format.shortDay(e.paidOn)}</td>
            <td className="py-1.5 align-top">
              <button type="button" className="link text-left" onClick={() => onOpen(e.id)}>
                {e.reversesId ? t('money.reversalOf', { what: e.description }) : e.description}
              </button>
              {e.receipts > 0 && <Paperclip className="quiet ml-1 inline size-4" aria-label={t('money.hasReceipt')} />}
            </td>
            <td className="whitespace-nowrap py-1.5 pl-3 text-right align-top">
              {format.money(e.baseMinor, format.currency)}
              {e.currency !== format.currency && (
                <span className="quiet block text-sm">{format.money(e.amountMinor, e.currency)}</span>
              )}
            </td>
          </tr>
        ))}
      </tbody>
    </table>
  )
}
