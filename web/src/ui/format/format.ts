import { useQuery } from '@tanstack/react-query'
import { useMemo } from 'react'
import { useTranslation } from 'react-i18next'
import { garageQuery } from '@/api/queries'
import { minorDigits } from './money'

const halves: Record<number, string> = { 15: '¼', 30: '½', 45: '¾' }

/** Minutes as a person says them: 2½ h, 45 min. */
export function hours(minutes: number): string {
  if (minutes < 60) return `${minutes} min`
  const whole = Math.floor(minutes / 60)
  const rest = minutes % 60
  if (rest === 0) return `${whole} h`
  return halves[rest] ? `${whole}${halves[rest]} h` : `${whole} h ${rest} min`
}

/** A minute of the day as on a clock: 09:15 */
export const clockOf = (minute: number) =>
  `${String(Math.floor(minute / 60)).padStart(2, '0')}:${String(minute % 60).padStart(2, '0')}`

/** Whole minutes of typed hours; undefined where it is no number of hours. */
export function minutesOf(typed: string): number | undefined {
  const value = Number(typed.replace(',', '.'))
  return typed.trim() !== '' && value >= 0 ? Math.round(value * 60) : undefined
}

/** As it stands within a sentence. */
export const inside = (words: string) => words.charAt(0).toLowerCase() + words.slice(1)

/** A share of 1 in whole percent, never 0 for what is more than nothing. */
export const percent = (share: number) => (share > 0 && share < 0.01 ? '<1' : String(Math.round(share * 100)))

export function makeFormat(locale: string, zone: string) {
  const day = (date: string | Date, options: Intl.DateTimeFormatOptions) =>
    new Intl.DateTimeFormat(locale, {
      ...options,
      timeZone: typeof date === 'string' && date.length === 10 ? 'UTC' : zone,
    }).format(typeof date === 'string' ? new Date(date) : date)
  const year = 365 * 86_400_000
  return {
    locale,
    zone,
    number: (n: number) => new Intl.NumberFormat(locale, { maximumFractionDigits: 2 }).format(n),
    money: (minor: number, currency: string) =>
      new Intl.NumberFormat(locale, {
        style: 'currency',
        currency,
        minimumFractionDigits: minorDigits(currency),
        maximumFractionDigits: minorDigits(currency),
      }).format(minor / 10 ** minorDigits(currency) + 0), // nothing less is nothing, not “−0.00”
    /** An estimate: to the whole unit, since more would pretend to know more. */
    roughly: (minor: number, currency: string) =>
      new Intl.NumberFormat(locale, { style: 'currency', currency, maximumFractionDigits: 0 }).format(
        minor / 10 ** minorDigits(currency),
      ),
    /** A guess: to the nearest 10, from 500 on to 50, from 5,000 on to 100 whole units; where more would mislead, rounded down. */
    guess: (minor: number, currency: string, rounded = Math.round) => {
      const whole = minor / 10 ** minorDigits(currency)
      const size = Math.abs(whole)
      const step = size < 500 ? 10 : size < 5000 ? 50 : 100
      return new Intl.NumberFormat(locale, { style: 'currency', currency, maximumFractionDigits: 0 }).format(
        rounded(whole / step) * step,
      )
    },
    /** 14 June */
    day: (date: string) => day(date, { day: 'numeric', month: 'long' }),
    /** 14 June; with its year when that is not within one of today. */
    far: (date: string) =>
      day(date, {
        day: 'numeric',
        month: 'long',
        ...(Math.abs(new Date(date).getTime() - Date.now()) > 0.9 * year && { year: 'numeric' }),
      }),
    /** 14 June 2027 */
    dayAndYear: (date: string) => day(date, { day: 'numeric', month: 'long', year: 'numeric' }),
    /** Thu 14 Jun */
    shortDay: (date: string) => day(date, { weekday: 'short', day: 'numeric', month: 'short' }),
    dayOfMonth: (date: string) => day(date, { day: 'numeric', month: 'short' }),
    weekday: (date: string) => day(date, { weekday: 'long' }),
    time: (instant: string) => day(instant, { hour: '2-digit', minute: '2-digit' }),
    month: (date: string) => day(date, { month: 'long', year: 'numeric' }),
    /** The calendar day of an instant in the garage's zone, as 2027-06-14. */
    dateOf: (instant: string) => new Intl.DateTimeFormat('en-CA', { timeZone: zone }).format(new Date(instant)),
    today: () => new Intl.DateTimeFormat('en-CA', { timeZone: zone }).format(new Date()),
  }
}

export type Format = ReturnType<typeof makeFormat>

/** Formats in the garage's language and time zone. */
export function useFormat(): Format & { currency: string } {
  const { data } = useQuery(garageQuery)
  const { language } = useTranslation().i18n
  return useMemo(() => {
    const locale = data?.locale ?? language
    return {
      // an American's dates among British ones, and the other way round: English follows the reader
      ...makeFormat(locale.startsWith('en') ? language : locale, data?.zone ?? 'UTC'),
      currency: data?.baseCurrency ?? 'EUR',
    }
  }, [data, language])
}
