import { useQuery } from '@tanstack/react-query'
import { useMemo, useSyncExternalStore } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { unitsQuery } from '@/api/queries'

type UnitRow = Schemas['UnitResponse']
export type Unit = UnitRow['unit']

/** What each person may read in a unit of their own: the metric one first, then that of the American trade. */
export const quantities = {
  length: ['MILLIMETRE', 'INCH'],
  distance: ['KILOMETRE', 'MILE'],
  pressure: ['BAR', 'PSI', 'KILOPASCAL'],
  torque: ['NEWTON_METRE', 'POUND_FOOT'],
  temperature: ['CELSIUS', 'FAHRENHEIT'],
  volume: ['LITRE', 'GALLON'],
} as const satisfies Record<string, readonly Unit[]>
export type Quantity = keyof typeof quantities
export const quantityNames = Object.keys(quantities) as Quantity[]
type Chosen = Partial<Record<Quantity, Unit>>

const KEPT = 'ofisino.units'
const listeners = new Set<() => void>()
let chosen: Chosen | undefined

/** What was chosen on this device, as far as it still is a unit of its quantity. */
export function keptUnits(storage: Storage): Chosen {
  try {
    const said = (JSON.parse(storage.getItem(KEPT) ?? '{}') ?? {}) as Chosen
    const known = (q: Quantity) => (quantities[q] as readonly unknown[]).includes(said[q])
    return Object.fromEntries(quantityNames.filter(known).map((q) => [q, said[q]]))
  } catch {
    return {} // what stands there is no text of ours: the usual units
  }
}
const read = (): Chosen => (chosen ??= keptUnits(localStorage))
const subscribe = (listener: () => void) => {
  listeners.add(listener)
  return () => listeners.delete(listener)
}

/** Kept on this device. */
export function chooseUnit(quantity: Quantity, unit: Unit) {
  chosen = { ...read(), [quantity]: unit }
  localStorage.setItem(KEPT, JSON.stringify(chosen))
  listeners.forEach((listener) => listener())
}

/** Digits that a restorer reads, that are typed back without loss, and that hide no more than the noise of the arithmetic. */
export const READABLE = 4
const TYPED = 8
const EXACT = 12

const rounded = (value: number, digits: number) => String(Number(value.toPrecision(digits)))

/** A number with as many digits as a restorer reads: 12.4, 0.18, 2310. */
export const readable = (value: number) => rounded(value, READABLE)

/**
 * Says and reads values in the units of one person.
 *
 * @param rows the units as straight lines of their base; while they are not there, nothing is converted
 * @param preferred the unit for a quantity
 * @param word what a unit is called
 */
export function makeUnits(rows: UnitRow[], preferred: (quantity: Quantity) => Unit, word: (unit: Unit) => string) {
  const line = new Map(rows.map((row) => [row.unit, row]))
  const convert = (value: number, from: Unit, to: Unit) => {
    const [a, b] = [line.get(from), line.get(to)]
    return from === to || !a || !b ? value : (value * a.factor + a.zero - b.zero) / b.factor
  }
  /** In which a value of this unit is shown. */
  const shown = (unit: Unit): Unit => {
    const quantity = quantityNames.find((q) => (quantities[q] as readonly Unit[]).includes(unit))
    return quantity && line.size > 0 ? preferred(quantity) : unit
  }
  /** Exact in its own unit; of another one so many digits as a rule or a gauge shows, one less below one. */
  const figure = (value: number, unit: Unit, digits?: number) => {
    const size = convert(value, unit, shown(unit))
    const usual = shown(unit) === unit ? EXACT : Math.abs(size) < 1 ? READABLE - 1 : READABLE
    return rounded(size, digits ?? usual)
  }
  return {
    preferred,
    shown,
    /** The number alone. */
    figure,
    word: (unit: Unit) => word(shown(unit)),
    say: (value: number, unit: Unit, digits?: number) => `${figure(value, unit, digits)} ${word(shown(unit))}`,
    /** As one says it of sizes, ways and fillings, where a hundredth does not matter: 0.71 in, 59.1 in, 0.7 gal. */
    about: (value: number, unit: Unit) => {
      if (shown(unit) === unit) return `${figure(value, unit)} ${word(unit)}`
      const size = Math.abs(convert(value, unit, shown(unit)))
      return `${figure(value, unit, size >= 100 ? READABLE : size >= 1 ? 3 : 2)} ${word(shown(unit))}`
    },
    /** A number of steps: 5 °C more are 9 °F more. */
    difference: (value: number, unit: Unit) =>
      readable(convert(value, unit, shown(unit)) - convert(0, unit, shown(unit))),
    /** Of an area in squares of that unit. */
    sayArea: (value: number, unit: Unit) => {
      const one = convert(1, unit, shown(unit)) - convert(0, unit, shown(unit))
      return `${readable(value * one * one)} ${word(shown(unit))}²`
    },
    /** As it stands in a form: typed back unchanged it is the same value again, to a hundredth. */
    text: (value: number, unit: Unit) => figure(value, unit, shown(unit) === unit ? EXACT : TYPED),
    /** How many of the given unit one of the person's is: what costs 1 a kilometre costs 1.609 a mile. */
    inOne: (unit: Unit) => convert(1, shown(unit), unit),
    /** What was typed in the person's unit, in the given one: as it is, or converted to a hundredth. */
    typed: (value: number, unit: Unit) =>
      shown(unit) === unit ? value : Math.round(convert(value, shown(unit), unit) * 100) / 100,
    /** The same as a whole number of the given unit: what is typed in that unit itself must be whole, else it is NaN. */
    typedWhole: (value: number, unit: Unit) =>
      shown(unit) === unit && !Number.isInteger(value) ? NaN : Math.round(convert(value, shown(unit), unit)),
  }
}
export type Units = ReturnType<typeof makeUnits>

/** The units of whoever reads: what they chose on this device, else what their language is used to. */
export function useUnits(): Units {
  const own = useSyncExternalStore(subscribe, read)
  const { t, i18n } = useTranslation()
  const { data } = useQuery(unitsQuery)
  const usual = i18n.language === 'en-US' ? 1 : 0
  return useMemo(
    () =>
      makeUnits(
        data ?? [],
        (quantity) => own[quantity] ?? quantities[quantity][usual],
        (unit) => t(`unit.${unit}`),
      ),
    [data, own, usual, t],
  )
}
