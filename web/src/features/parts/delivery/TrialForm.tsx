import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'

/** Held to the vehicle: it fits, or it goes back. */
export function TrialForm({ need }: { need: Schemas['Need'] }) {
  const { t } = useTranslation()
  const [reason, setReason] = useState('')
  const trial = useWrite(
    (body: Schemas['TrialRequest'], id) =>
      unwrap(api.POST('/api/needs/{id}/trial', { params: { path: { id: need.id } }, body, ...write(id) })),
    { said: (v) => (v.fits ? t('delivery.fits') : t('parts.isReturned')) },
  )
  return (
    <section className="card-sheet grid gap-3 p-3">
      <h3 className="font-semibold">{t('delivery.tryTitle')}</h3>
      <p className="quiet text-sm">{t('delivery.tryHow')}</p>
      <TextField
        label={t('delivery.tryWrong')}
        hint={t('parts.remarkHint')}
        value={reason}
        onChange={(e) => setReason(e.target.value)}
      />
      <ProblemAlert error={trial.error} />
      <div className="flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-primary"
          disabled={trial.isPending}
          onClick={() => trial.mutate({ fits: true, version: need.version })}
        >
          {t('delivery.itFits')}
        </button>
        <button
          type="button"
          className="btn"
          disabled={trial.isPending}
          onClick={() => trial.mutate({ fits: false, reason, version: need.version })}
        >
          {t('delivery.doesNotFit')}
        </button>
      </div>
    </section>
  )
}
