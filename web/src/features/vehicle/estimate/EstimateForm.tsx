import { useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { payers } from '@/api/generated/enums'
import { useFields } from '@/ui/form/useFields'
import { Form, FormWrong } from '@/ui/form/Form'
import { Decimal, Line, Pick } from '@/ui/form/named'
import { useFormat } from '@/ui/format/format'
import { fieldsOf, useEstimateRules, valuesOf } from './estimateValues'
import type { FindingEstimate } from './estimates'
import { useSayEstimate } from './useSayEstimate'

const which = ['low', 'likely', 'high'] as const
type Props = { finding: Schemas['FindingRow']; estimate: FindingEstimate; onDone: () => void }

/** One's own figures in place of the proposed ones, and who pays. */
export function EstimateForm({ finding, estimate, onDone }: Props) {
  const { t } = useTranslation()
  const { currency } = useFormat()
  const rules = useEstimateRules(currency)
  const form = useFields(rules, valuesOf(estimate.said ?? {}, currency))
  const payer = useWatch({ control: form.control, name: 'payer' })
  const save = useSayEstimate(finding.id, onDone)
  return (
    <Form
      form={form}
      save={save}
      label={t('estimate.save')}
      onCancel={onDone}
      className="mt-3"
      onSubmit={(v) => save.mutate({ fields: fieldsOf(v, estimate.said?.rust), version: estimate.version })}
    >
      <div className="grid grid-cols-3 gap-2">
        {which.map((w, i) => (
          <Decimal key={w} name={`hours.${i}`} label={t('estimate.hoursOf', { which: t(`estimate.${w}`) })} />
        ))}
        {which.map((w, i) => (
          <Decimal key={w} name={`money.${i}`} label={t('estimate.costOf', { which: t(`estimate.${w}`), currency })} />
        ))}
      </div>
      <p className="quiet text-sm">{t('estimate.leaveEmpty')}</p>
      <Pick
        name="payer"
        label={t('estimate.payer')}
        none={t('estimate.payers.NOBODY')}
        of={payers}
        say={(p) => t(`estimate.payers.${p}`)}
      />
      {payer && <Line name="payerNote" label={t('estimate.payerNote')} maxLength={400} />}
      <FormWrong of={['hours', 'money']} />
    </Form>
  )
}
