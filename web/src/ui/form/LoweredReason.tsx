import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { TextField } from './Field'

type SafetyClass = Schemas['FindingRow']['safetyClass']

/** Whether a class is milder than what is known of a finding asks for: then it needs a reason. */
export const isLowered = (said: SafetyClass | undefined, demanded: SafetyClass) => said !== undefined && said > demanded

/** Why a class is milder; absent where it is not. */
export function LoweredReason({
  said,
  demanded,
  value,
  onChange,
}: {
  said: SafetyClass | undefined
  demanded: SafetyClass
  value: string
  onChange: (reason: string) => void
}) {
  const { t } = useTranslation()
  if (!said || !isLowered(said, demanded)) return null
  return (
    <TextField
      label={t('finding.loweredReason', { demanded, said })}
      value={value}
      maxLength={120}
      required
      onChange={(e) => onChange(e.target.value)}
    />
  )
}
