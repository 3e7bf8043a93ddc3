import { useState } from 'react'
import { decisions } from '../decision/decisions'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'

/** A decision and its reason, in the person's own words. */
export function DecisionForm({ finding, onDone }: { finding: Schemas['FindingRow']; onDone: () => void }) {
  const { t } = useTranslation()
  const [decision, setDecision] = useState<(typeof decisions)[number] | undefined>(finding.decision)
  const [reason, setReason] = useState(finding.decisionReason ?? '')
  const decide = useWrite(
    (body: Schemas['DecisionRequest'], id) =>
      unwrap(api.POST('/api/findings/{id}/decision', { params: { path: { id: finding.id } }, body, ...write(id) })),
    { said: (v) => t('finding.decided', { decision: t(`decision.${v.decision}`) }), done: onDone },
  )
  return (
    <form
      className="grid gap-3"
      onSubmit={(e) => {
        e.preventDefault()
        if (decision) decide.mutate({ decision, reason, version: finding.version })
      }}
    >
      <fieldset>
        <legend className="mb-2 font-semibold">{t('finding.whatHappens')}</legend>
        <div className="grid grid-cols-2 gap-2">
          {decisions.map((d) => (
            <button
              key={d}
              type="button"
              aria-pressed={d === decision}
              className={`btn h-auto min-h-11 justify-start py-2 text-left font-normal ${d === decision ? 'btn-primary' : ''}`}
              onClick={() => setDecision(d)}
            >
              {t(`decision.${d}`)}
            </button>
          ))}
        </div>
      </fieldset>
      <TextField
        label={t('finding.reason')}
        hint={t('finding.reasonHint')}
        value={reason}
        maxLength={120}
        onChange={(e) => setReason(e.target.value)}
      />
      <ProblemAlert error={decide.error} />
      <div className="flex gap-2">
        <button type="submit" className="btn btn-primary" disabled={!decision || decide.isPending}>
          {t('finding.saveDecision')}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          {t('notNow')}
        </button>
      </div>
    </form>
  )
}
