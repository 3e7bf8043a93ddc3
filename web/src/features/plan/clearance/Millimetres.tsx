import { useTranslation } from 'react-i18next'
import { TextField } from '@/ui/form/Field'

/** Whole millimetres, also below zero; undefined where it is no such number. */
export const millimetresOf = (typed: string) =>
  /^[-−]?\d{1,5}$/.test(typed.trim()) ? Number(typed.trim().replace('−', '-')) : undefined

/** A length as it is read off a rule. */
export function Millimetres({
  label,
  value,
  onChange,
}: {
  label: string
  value: string
  onChange: (typed: string) => void
}) {
  const { t } = useTranslation()
  return (
    <TextField
      label={label}
      inputMode="numeric"
      value={value}
      error={value.trim() !== '' && millimetresOf(value) === undefined ? t('fits.wrong') : undefined}
      onChange={(e) => onChange(e.target.value)}
    />
  )
}
