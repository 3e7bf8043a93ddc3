import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { useFormat } from '@/ui/format/format'

/** One remark: unconfirmed until it is accepted or rejected, with a reason. */
export function RemarkItem({ remark: r, about }: { remark: Schemas['RemarkRow']; about: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [reason, setReason] = useState('')
  const [findingId] = useState(() => crypto.randomUUID())
  const decide = useWrite(
    (body: Schemas['RemarkDecisionRequest'], id) =>
      unwrap(api.POST('/api/remarks/{id}/decision', { params: { path: { id: r.id } }, body, ...write(id) })),
    { said: (b) => t(b.accept ? 'review.accepted' : 'review.rejected') },
  )
  const send = (accept: boolean) => decide.mutate({ accept, reason, ...(r.zone && { findingId }), version: r.version })
  return (
    <li className="grid gap-1 border-b border-base-300 py-3">
      <p className="font-semibold">{about}</p>
      <p className="whitespace-pre-wrap">{r.words}</p>
      <p className="quiet text-sm">
        {t('review.by', { author: r.author, date: r.saidAt ? format.day(format.dateOf(r.saidAt)) : '' })} ·{' '}
        {t(`review.state.${r.state}`)}
        {r.reason && `: ${r.reason}`}
      </p>
      {r.state === 'UNCONFIRMED' && (
        <div className="grid gap-2">
          {r.zone && <p className="text-sm">{t('review.becomes')}</p>}
          <TextField
            label={t('review.reason')}
            value={reason}
            maxLength={120}
            onChange={(e) => setReason(e.target.value)}
          />
          <ProblemAlert error={decide.error} />
          <div className="flex gap-2">
            <button type="button" className="btn btn-primary" disabled={decide.isPending} onClick={() => send(true)}>
              {t('review.accept')}
            </button>
            <button type="button" className="btn" disabled={decide.isPending} onClick={() => send(false)}>
              {t('review.reject')}
            </button>
          </div>
        </div>
      )}
    </li>
  )
}
