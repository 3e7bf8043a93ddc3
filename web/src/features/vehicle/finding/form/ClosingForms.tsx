import { useState } from 'react'
import { useForm } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { filled } from '@/ui/form/rules'
import { FindingPick } from '../FindingPick'

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

type Withdrawal = { finding: Finding; others: Finding[]; nameOf: (f: Finding) => string; onDone: () => void }

/** A mistake or a duplicate: withdrawn with a reason; it can be opened again. @param others what it may be a duplicate of */
export function WithdrawForm({ finding, others, nameOf, onDone }: Withdrawal) {
  const { t } = useTranslation()
  const form = useForm({ defaultValues: { reason: '', duplicateOf: '' } })
  const withdraw = useWrite(
    (body: Schemas['WithdrawalRequest'], id) =>
      unwrap(api.POST('/api/findings/{id}/withdrawal', { params: { path: { id: finding.id } }, body, ...write(id) })),
    { said: () => t('finding.isWithdrawn'), done: onDone },
  )
  return (
    <Form
      form={form}
      save={withdraw}
      label={t('finding.withdraw')}
      onCancel={onDone}
      onSubmit={({ reason, ...v }) => withdraw.mutate({ reason, ...filled(v), version: finding.version })}
    >
      <FindingPick
        name="duplicateOf"
        label={t('origin.duplicateOf')}
        none={t('origin.noDuplicate')}
        others={others}
        nameOf={nameOf}
      />
      <Line name="reason" label={t('finding.withdrawReason')} />
    </Form>
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
