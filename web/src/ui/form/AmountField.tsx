import { TextField } from './Field'
import { parseMinor, useAmountProblem } from '../format/money'

/** What a person typed as minor units: 0 where nothing was typed, undefined where it is no amount. */
export const amountOf = (typed: string, currency: string) => (typed.trim() === '' ? 0 : parseMinor(typed, currency))

/** A share typed in percent as hundredths of a percent; undefined where it is none. */
export function basisPoints(typed: string): number | undefined {
  if (typed.trim() === '') return 0
  const share = Number(typed.replace(',', '.'))
  return share >= 0 && share <= 100 ? Math.round(share * 100) : undefined
}

/** An amount in the garage's currency; says so at once when it is none. */
export function AmountField({
  label,
  value,
  currency,
  hint,
  onChange,
}: {
  label: string
  value: string
  currency: string
  hint?: string
  onChange: (typed: string) => void
}) {
  const problem = useAmountProblem()
  return (
    <TextField
      label={label}
      hint={hint}
      inputMode="decimal"
      value={value}
      error={value.trim() === '' ? undefined : problem(value, currency)}
      onChange={(e) => onChange(e.target.value)}
    />
  )
}
