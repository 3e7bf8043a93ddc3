import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'

type Finding = Schemas['FindingRow']

/** All its jobs are finished: look at it again, and say what you see. */
export function RecheckForm({ finding }: { finding: Finding }) {
  const { t } = useTranslation()
  const [note, setNote] = useState('')
  const recheck = useWrite(
    (body: { good: boolean; note: string; version: number }, id) =>
      unwrap(
        api.POST('/api/findings/{findingId}/recheck', {
          params: { path: { findingId: finding.id } },
          body,
          ...write(id),
        }),
      ),
    { said: (v) => (v.good ? t('finding.isClosed') : t('finding.isBack')) },
  )
  const send = (good: boolean) => recheck.mutate({ good, note, version: finding.version })
  return (
    <section className="card-sheet grid gap-3 p-3">
      <h3 className="font-semibold">{t('finding.recheck')}</h3>
      <TextField label={t('finding.recheckNote')} value={note} onChange={(e) => setNote(e.target.value)} />
      <ProblemAlert error={recheck.error} />
      <div className="flex flex-wrap gap-2">
        <button type="button" className="btn btn-primary" disabled={recheck.isPending} onClick={() => send(true)}>
          {t('finding.good')}
        </button>
        <button type="button" className="btn" disabled={recheck.isPending} onClick={() => send(false)}>
          {t('finding.notGood')}
        </button>
      </div>
    </section>
  )
}

/** A mistake or a duplicate: withdrawn with a reason; it can be opened again. */
export function WithdrawForm({
  finding,
  others,
  nameOf,
  onDone,
}: {
  finding: Finding
  /** What it may be a duplicate of. */
  others: Finding[]
  nameOf: (f: Finding) => string
  onDone: () => void
}) {
  const { t } = useTranslation()
  const [reason, setReason] = useState('')
  const [duplicateOf, setDuplicateOf] = useState('')
  const withdraw = useWrite(
    (body: Schemas['WithdrawalRequest'], id) =>
      unwrap(api.POST('/api/findings/{id}/withdrawal', { params: { path: { id: finding.id } }, body, ...write(id) })),
    { said: () => t('finding.isWithdrawn'), done: onDone },
  )
  return (
    <form
      className="grid gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        withdraw.mutate({ reason, ...(duplicateOf && { duplicateOf }), version: finding.version })
      }}
    >
      <Choice label={t('origin.duplicateOf')} value={duplicateOf} onChange={(e) => setDuplicateOf(e.target.value)}>
        <option value="">{t('origin.noDuplicate')}</option>
        {others.map((f) => (
          <option key={f.id} value={f.id}>
            {nameOf(f)}
          </option>
        ))}
      </Choice>
      <TextField label={t('finding.withdrawReason')} value={reason} onChange={(e) => setReason(e.target.value)} />
      <ProblemAlert error={withdraw.error} />
      <div className="flex gap-2">
        <button type="submit" className="btn btn-primary" disabled={withdraw.isPending}>
          {t('finding.withdraw')}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          {t('notNow')}
        </button>
      </div>
    </form>
  )
}

export function ReopenButton({ finding }: { finding: Finding }) {
  const { t } = useTranslation()
  const reopen = useWrite(
    (version: number, id) =>
      unwrap(
        api.POST('/api/findings/{id}/reopening', {
          params: { path: { id: finding.id } },
          body: { version },
          ...write(id),
        }),
      ),
    { said: () => t('finding.isOpenAgain') },
  )
  return (
    <>
      <button type="button" className="btn" disabled={reopen.isPending} onClick={() => reopen.mutate(finding.version)}>
        {t('finding.reopen')}
      </button>
      <ProblemAlert error={reopen.error} />
    </>
  )
}
