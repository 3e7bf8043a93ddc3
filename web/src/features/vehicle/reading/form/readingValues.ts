import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { chainReading, chainStretch, usualChain, type Chain } from './chain'
import type { Measurable, Unit } from '../readings'

type Row = { id: string; spot: string; value: string }
export const fresh = (spot: string): Row => ({ id: crypto.randomUUID(), spot, value: '' })
const sides = ['left', 'right']

/** Readings that are compared stand beside one another: left and right of each axle, or two spots at least. */
export const rowsOf = (limit: Measurable): Row[] =>
  limit.pairs.length > 0
    ? limit.pairs.flatMap((pair) => sides.map((side) => fresh(`${pair} ${side}`)))
    : limit.derived
      ? [fresh('1'), fresh('2')]
      : [fresh('1')]

/** What may stand in the form: at least one value, and no text where a number is wanted. */
export function useReadingRules(limits: Measurable[]) {
  const { t } = useTranslation()
  const numberOf = (typed: string) => Number(typed.replace(',', '.'))
  return z
    .object({
      limitId: z.string(),
      place: z.string(),
      unit: z.custom<Unit>(),
      instrument: z.string(),
      readOn: z.string(),
      rows: z.array(z.object({ id: z.string(), spot: z.string(), value: z.string() })),
      chain: z.custom<Chain>(),
      measurer: z.string().max(120),
      sure: z.boolean(),
    })
    .transform((v, context) => {
      const limit = limits.find((l) => l.id === v.limitId)!
      const rows = v.rows.filter((r) => r.value.trim() !== '')
      if (rows.length === 0 || (!limit.age && rows.some((r) => Number.isNaN(numberOf(r.value)))))
        context.addIssue({ code: 'custom', path: ['rows'], message: t('reading.valueWrong') })
      return {
        limitId: v.limitId,
        place: v.place,
        readings: rows.map(({ id, spot, value }) => ({
          id,
          spot,
          unit: v.unit,
          readOn: v.readOn,
          sure: v.sure,
          ...(limit.age
            ? { made: value }
            : limit.id === chainStretch
              ? chainReading(numberOf(value), v.chain)
              : { value: numberOf(value) }),
          ...(v.instrument && { instrumentId: v.instrument }),
          ...(v.measurer.trim() && { measurer: v.measurer }),
        })),
      } satisfies Schemas['NewReadingsRequest']
    })
}

/** A form of which nothing is filled in yet. */
export const blankFor = (limit: Measurable, place: string, readOn: string, unit: Unit) => ({
  limitId: limit.id,
  place,
  unit,
  instrument: '',
  readOn,
  rows: rowsOf(limit),
  chain: usualChain,
  measurer: '',
  sure: false,
})
export type ReadingValues = ReturnType<typeof blankFor>
