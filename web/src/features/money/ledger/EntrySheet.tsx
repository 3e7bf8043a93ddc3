import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { jobsQuery } from '@/api/queries'
import { Photos } from '@/ui/photos/Photos'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import { WasteForm } from '../waste/WasteForm'
import { MoveForm } from './MoveForm'
import { EntryPresses } from './EntryPresses'
import type { Entry } from '../budget/moneyQueries'

/** One entry with its receipt and its shares: a draft to be posted, or posted for good. */
export function EntrySheet({
  entry: e,
  base,
  onEdit,
  onClose,
}: {
  entry: Entry
  base: string
  onEdit: () => void
  onClose: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const { projectId = '' } = useParams()
  const { data: work } = useQuery(jobsQuery(projectId))
  return (
    <Sheet title={e.description} onClose={onClose}>
      <div className="grid gap-4">
        <p className="answer">{format.money(e.amountMinor, e.currency)}</p>
        <p>
          {t(`entryKind.${e.kind}`)}, {format.dayAndYear(e.paidOn)}.{' '}
          {e.currency !== base &&
            t('money.atRate', {
              money: format.money(e.baseMinor, base),
              rate: e.rate,
              currency: e.currency,
              base,
              date: format.shortDay(e.rateOn),
            })}
        </p>
        <div>
          <h3 className="font-semibold">{t('money.shares')}</h3>
          <ul>
            {e.splits.map((s, i) => (
              <li key={i} className="flex justify-between gap-4">
                <span>
                  {s.jobId ? work?.jobs.find((j) => j.id === s.jobId)?.title : t(`destination.${s.destination}`)}
                </span>
                <span className="whitespace-nowrap">{format.money(s.baseMinor, base)}</span>
              </li>
            ))}
          </ul>
        </div>
        <Photos subject="ENTRY" subjectId={e.id} receipts />
        {e.state === 'POSTED' && !e.reversedBy && !e.reversesId && e.baseMinor > 0 && (
          <>
            <WasteForm entryId={e.id} currency={base} />
            <MoveForm entry={e} projectId={projectId} currency={base} onDone={onClose} />
          </>
        )}
        <EntryPresses entry={e} onEdit={onEdit} onDone={onClose} />
      </div>
    </Sheet>
  )
}
