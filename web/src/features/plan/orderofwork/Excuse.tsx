import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'

/** Excuses one rule for one pair of jobs, with a reason that stays. */
export function Excuse({
  projectId,
  rule,
  beforeId,
  afterId,
  what,
  onClose,
}: {
  projectId: string
  rule: string
  beforeId: string
  afterId: string
  what: string
  onClose: () => void
}) {
  const { t } = useTranslation()
  const [reason, setReason] = useState('')
  const save = useWrite(
    (body: Schemas['WaiverRow'], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/order-of-work/waive', {
          params: { path: { projectId } },
          body,
          ...write(id),
        }),
      ),
    { said: () => t('order.waived'), done: onClose },
  )
  return (
    <Sheet title={t('order.waive')} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({ rule, beforeId, afterId, reason })
        }}
      >
        <p>{what}</p>
        <TextField
          label={t('order.reason')}
          value={reason}
          maxLength={120}
          onChange={(e) => setReason(e.target.value)}
        />
        <ProblemAlert error={save.error} />
        <button type="submit" className="btn btn-primary" disabled={reason.trim() === '' || save.isPending}>
          {t('order.keepWaiver')}
        </button>
      </form>
    </Sheet>
  )
}
