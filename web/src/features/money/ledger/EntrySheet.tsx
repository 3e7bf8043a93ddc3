import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { jobsQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Photos } from '@/ui/photos/Photos'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
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
  const [reversalId] = useState(() => crypto.randomUUID())
  const post = useWrite(
    (version: number, id) =>
      unwrap(
        api.POST('/api/entries/{id}/posting', { params: { path: { id: e.id } }, body: { version }, ...write(id) }),
      ),
    {
      said: () => t('money.isPosted', { what: e.description }),
      undoable: false,
      done: onClose,
    },
  )
  const reverse = useWrite(
    (reversal: string, id) =>
      unwrap(
        api.POST('/api/entries/{id}/reversal', {
          params: { path: { id: e.id } },
          body: { reversalId: reversal },
          ...write(id),
        }),
      ),
    {
      said: () => t('money.isReversed', { what: e.description }),
      undoable: false,
      done: onClose,
    },
  )
  const discard = useWrite(
    (version: number, id) =>
      unwrap(api.DELETE('/api/entries/{id}', { params: { path: { id: e.id }, query: { version } }, ...write(id) })),
    {
      said: () => t('money.isDiscarded'),
      done: onClose,
    },
  )
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
        <ProblemAlert error={post.error ?? reverse.error ?? discard.error} />
        {e.state === 'DRAFT' && (
          <div className="grid gap-2">
            <p className="quiet text-sm">{t('money.draftHint')}</p>
            <div className="flex flex-wrap gap-2">
              <button
                type="button"
                className="btn btn-primary"
                disabled={post.isPending}
                onClick={() => post.mutate(e.version)}
              >
                {t('money.post')}
              </button>
              <button type="button" className="btn" onClick={onEdit}>
                {t('money.edit')}
              </button>
              <button
                type="button"
                className="btn"
                disabled={discard.isPending}
                onClick={() => discard.mutate(e.version)}
              >
                {t('money.discard')}
              </button>
            </div>
          </div>
        )}
        {e.state === 'POSTED' && !e.reversedBy && !e.reversesId && (
          <div className="grid gap-2">
            <p className="quiet text-sm">{t('money.postedHint')}</p>
            <div>
              <button
                type="button"
                className="btn"
                disabled={reverse.isPending}
                onClick={() => reverse.mutate(reversalId)}
              >
                {t('money.reverse')}
              </button>
            </div>
          </div>
        )}
      </div>
    </Sheet>
  )
}
