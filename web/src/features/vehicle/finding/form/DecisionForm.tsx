import { useController } from 'react-hook-form'
import { z } from 'zod'
import { decisions } from '../../decision/decisions'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'

/** A decision and its reason, in the person's own words. */
export function DecisionForm({ finding, onDone }: { finding: Schemas['FindingRow']; onDone: () => void }) {
  const { t } = useTranslation()
  const form = useFields(z.object({ decision: z.enum(decisions), reason: line(t('form.missing')) }), {
    decision: finding.decision as (typeof decisions)[number],
    reason: finding.decisionReason ?? '',
  })
  const chosen = useController({ control: form.control, name: 'decision' }).field
  const decide = useWrite(
    (body: Schemas['DecisionRequest'], id) =>
      unwrap(api.POST('/api/findings/{id}/decision', { params: { path: { id: finding.id } }, body, ...write(id) })),
    { said: (v) => t('finding.decided', { decision: t(`decision.${v.decision}`) }), done: onDone },
  )
  return (
    <Form
      form={form}
      save={decide}
      label={t('finding.saveDecision')}
      disabled={!chosen.value}
      onCancel={onDone}
      onSubmit={(said) => decide.mutate({ ...said, version: finding.version })}
    >
      <fieldset>
        <legend className="mb-2 font-semibold">{t('finding.whatHappens')}</legend>
        <div className="grid grid-cols-2 gap-2">
          {decisions.map((d) => (
            <button
              key={d}
              type="button"
              aria-pressed={d === chosen.value}
              className={`btn h-auto min-h-11 justify-start py-2 text-left font-normal ${d === chosen.value ? 'btn-primary' : ''}`}
              onClick={() => chosen.onChange(d)}
            >
              {t(`decision.${d}`)}
            </button>
          ))}
        </div>
      </fieldset>
      <Line name="reason" label={t('finding.reason')} hint={t('finding.reasonHint')} />
    </Form>
  )
}
