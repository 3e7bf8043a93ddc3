import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Download } from 'lucide-react'
import { TextField } from '@/ui/form/Field'
import { useFormat } from '@/ui/format/format'
import { Empty } from '@/ui/page/Feedback'
import { isFolded, type Entry } from '../budget/moneyQueries'
import { LedgerTable } from './LedgerTable'

/** Fewer are found by looking. */
const MANY = 8

/** What is booked: searched, sorted, and to be taken away as a list; what was reversed is folded. */
export function Posted({
  projectId,
  posted,
  onOpen,
}: {
  projectId: string
  posted: Entry[]
  onOpen: (id: string) => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const [sought, setSought] = useState('')
  if (posted.length === 0) return <Empty title={t('money.emptyTitle')}>{t('money.empty')}</Empty>
  const says = (e: Entry) =>
    [e.description, t(`entryKind.${e.kind}`), format.money(e.amountMinor, e.currency), format.dayAndYear(e.paidOn)]
      .join(' ')
      .toLocaleLowerCase()
  const words = sought.toLocaleLowerCase().split(/\s+/).filter(Boolean)
  const found = words.length === 0 ? posted : posted.filter((e) => words.every((w) => says(e).includes(w)))
  const standing = found.filter((e) => !isFolded(e))
  const sum = standing.reduce((all, e) => all + e.baseMinor, 0)
  return (
    <>
      <div className="no-print mb-2 flex flex-wrap items-end gap-3">
        {posted.length > MANY && (
          <div className="min-w-56 grow">
            <TextField
              label={t('money.search')}
              type="search"
              value={sought}
              onChange={(e) => setSought(e.target.value)}
            />
          </div>
        )}
        <a className="btn" href={`/api/projects/${projectId}/entries.csv`} download>
          <Download className="size-5" aria-hidden="true" />
          {t('money.asList')}
        </a>
      </div>
      {words.length > 0 && (
        <p role="status" className="mb-2">
          {t('money.foundSum', { count: standing.length, money: format.money(sum, format.currency) })}
        </p>
      )}
      <LedgerTable entries={standing} onOpen={onOpen} label={t('money.posted')} />
      {found.some(isFolded) && (
        <details className="mt-2">
          <summary className="cursor-pointer py-2 font-semibold">
            {t('money.folded', { count: found.filter((e) => e.reversedBy).length })}
          </summary>
          <LedgerTable entries={found.filter(isFolded)} onOpen={onOpen} label={t('money.foldedTitle')} />
        </details>
      )}
    </>
  )
}
