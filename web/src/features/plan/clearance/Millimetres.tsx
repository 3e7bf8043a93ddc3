import { useTranslation } from 'react-i18next'
import { TextField } from '@/ui/form/Field'
import { useLengthWrong } from '@/ui/form/measured'
import { numberOf } from '@/ui/form/rules'
import { useUnits } from '@/ui/format/units'

/** Whole millimetres of what was typed in this person's unit, also below zero; undefined where it is no number. */
export function useMillimetres() {
  const units = useUnits()
  return (typed: string) => {
    const mm = units.typedWhole(numberOf(typed.replace('−', '-')), 'MILLIMETRE')
    return Math.abs(mm) <= 99_999 ? mm : undefined
  }
}

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
  const units = useUnits()
  const millimetresOf = useMillimetres()
  const wrong = useLengthWrong()
  return (
    <TextField
      label={t('units.of', { what: label, unit: units.word('MILLIMETRE') })}
      inputMode="decimal"
      value={value}
      error={value.trim() !== '' && millimetresOf(value) === undefined ? wrong : undefined}
      onChange={(e) => onChange(e.target.value)}
    />
  )
}
