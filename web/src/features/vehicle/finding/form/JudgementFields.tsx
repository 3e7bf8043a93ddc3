import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { aims, safetyClasses, waysOfSeeing } from '@/api/generated/enums'
import { Choice } from '@/ui/form/Field'
import { LoweredReason } from '@/ui/form/LoweredReason'

/** What the person says for themselves; whatever is left open stays as proposed. */
export type Judgement = Pick<Schemas['FindingFields'], 'severity' | 'safetyClass' | 'loweredReason' | 'howSeen' | 'aim'>

export const kinds: Schemas['FindingFields']['kind'][] = [
  'RUST_THROUGH',
  'SURFACE_RUST',
  'LEAK',
  'SEIZED',
  'WORN',
  'PERISHED',
  'BROKEN',
  'CRACK',
  'MISSING',
  'DEAD_ELECTRICAL',
  'OLD_REPAIR',
  'DENT',
  'CONTAMINATED',
  'SYMPTOM',
  'DOUBT',
]
/** From hardly worth a word to gone. */
export const severities = ['1', '2', '3', '4'] as const

export function JudgementFields({
  value,
  proposal,
  onChange,
}: {
  value: Judgement
  proposal: Schemas['ProposalResponse']
  onChange: (value: Judgement) => void
}) {
  const { t } = useTranslation()
  const asProposed = (what: string) => t('walk.asProposed', { what })
  function put<K extends keyof Judgement>(key: K, typed: string) {
    const next = { ...value }
    delete next[key]
    onChange(typed === '' ? next : { ...next, [key]: key === 'severity' ? Number(typed) : typed })
  }
  return (
    <div className="mt-2 grid gap-3">
      <Choice
        label={t('finding.safetyClass')}
        value={value.safetyClass ?? ''}
        onChange={(e) => put('safetyClass', e.target.value)}
      >
        <option value="">{asProposed(t(`safety.${proposal.safetyClass}`))}</option>
        {safetyClasses.map((c) => (
          <option key={c} value={c}>
            {t(`safety.${c}`)}
          </option>
        ))}
      </Choice>
      <LoweredReason
        said={value.safetyClass}
        demanded={proposal.safetyClass}
        value={value.loweredReason ?? ''}
        onChange={(reason) => put('loweredReason', reason)}
      />
      <Choice
        label={t('finding.severity')}
        value={value.severity ?? ''}
        onChange={(e) => put('severity', e.target.value)}
      >
        <option value="">{asProposed(String(proposal.severity))}</option>
        {severities.map((g) => (
          <option key={g} value={g}>
            {t(`severity.g${g}`)}
          </option>
        ))}
      </Choice>
      <Choice label={t('finding.howSeen')} value={value.howSeen ?? ''} onChange={(e) => put('howSeen', e.target.value)}>
        <option value="">{asProposed(t(`seen.${proposal.howSeen}`))}</option>
        {waysOfSeeing.map((s) => (
          <option key={s} value={s}>
            {t(`seen.${s}`)}
          </option>
        ))}
      </Choice>
      <Choice label={t('finding.aim')} value={value.aim ?? ''} onChange={(e) => put('aim', e.target.value)}>
        <option value="">{asProposed(t(`aim.${proposal.aim}`))}</option>
        {aims.map((a) => (
          <option key={a} value={a}>
            {t(`aim.${a}`)}
          </option>
        ))}
      </Choice>
    </div>
  )
}
