import { useTranslation } from 'react-i18next'
import { z } from 'zod'
import { useUnits, type Unit } from '../format/units'
import { Decimal } from './named'
import { numberOf } from './rules'

/** A measure as this person reads it off: typed in their unit. */
export function Measured({ name, label, unit, hint }: { name: string; label: string; unit: Unit; hint?: string }) {
  const { t } = useTranslation()
  return <Decimal name={name} label={t('units.of', { what: label, unit: useUnits().word(unit) })} hint={hint} />
}

/** What is said of something that is no whole length in this person's unit. */
export function useLengthWrong() {
  const { t } = useTranslation()
  return t(useUnits().shown('MILLIMETRE') === 'MILLIMETRE' ? 'units.wholeMillimetres' : 'units.inches')
}

/** Measures of that unit as the server wants them; whole ones are rounded after they were converted. */
export function useMeasureRule(unit: Unit, { whole = false } = {}) {
  const units = useUnits()
  return (wrong: string, { min = -Infinity, max = Infinity } = {}) =>
    z
      .union([z.string(), z.number()])
      .transform((typed) => (typeof typed === 'number' ? typed : numberOf(typed)))
      .transform((n) => (whole ? units.typedWhole(n, unit) : units.typed(n, unit)))
      .refine((value) => value >= min && value <= max, wrong)
}

/** How a stored measure stands in a form; nothing for none. */
export function useMeasureText(unit: Unit) {
  const units = useUnits()
  return (value: number | undefined) => (value === undefined ? '' : units.text(value, unit))
}
