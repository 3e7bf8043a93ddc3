import { useTranslation } from 'react-i18next'

let digitsOf: ReadonlyMap<string, number> = new Map()
let decimalSign = '.'

/** How many digits each currency has after the point, as the server's ledger counts them: nobody else is asked. */
export function learnDigits(currencies: { code: string; digits: number }[]) {
  digitsOf = new Map(currencies.map((c) => [c.code, c.digits]))
}

/** Which sign stands before the decimals where the garage is. */
export function learnDecimalSign(locale: string) {
  decimalSign = new Intl.NumberFormat(locale).formatToParts(0.5).find((p) => p.type === 'decimal')?.value ?? '.'
}

export const isCurrency = (code: string) => digitsOf.has(code)

export function minorDigits(currency: string): number {
  const digits = digitsOf.get(currency)
  if (digits === undefined) throw new Error(`no digits are known of “${currency}”`)
  return digits
}

/** An amount as it was typed: in minor units, or as two writings of which it may mean either, or no amount at all. */
export type Typed = { minor: number } | { either: [string, string] } | undefined

const plainOf = (typed: string) => typed.replace(/[\s'’]/g, '')
// digits in groups of three by one kind of separator, then perhaps the other kind and decimals
const written = /^(-?)(\d{1,3}(?:,\d{3})+|\d+)(?:\.(\d+))?$|^(-?)(\d{1,3}(?:\.\d{3})+|\d+)(?:,(\d+))?$/
const threeBehind = /^-?(\d+)([.,])(\d{3})$/

/**
 * What a person typed: "1 234,50", "1234.5", "1,234.50". A single sign before three digits could set off a group or decimals: unless the
 * currency leaves no choice, the person is asked.
 */
export function readAmount(typed: string, currency: string): Typed {
  const digits = minorDigits(currency)
  const plain = plainOf(typed)
  const [, before, sign, behind] = threeBehind.exec(plain) ?? []
  if (before && sign && behind) {
    const asDecimals = digits === 3 && (sign === decimalSign || before === '0')
    const asGroup = digits === 0 && sign !== decimalSign && before !== '0'
    if (!asDecimals && !asGroup)
      return { either: [(before + behind).replace(/^0+(?=\d)/, ''), decimals(before, behind, digits)] }
    return { minor: Number(plain.replace(sign, '')) }
  }
  const match = written.exec(plain)
  if (!match) return undefined
  const whole = (match[2] ?? match[5])!.replace(/[.,]/g, '')
  const fraction = match[3] ?? match[6] ?? ''
  if (fraction.length > digits) return undefined
  const minor = Number(`${match[1] ?? match[4] ?? ''}${whole}${fraction.padEnd(digits, '0')}`)
  return Number.isSafeInteger(minor) ? { minor } : undefined
}

/** The other writing: as many decimals as the currency has. */
function decimals(before: string, behind: string, digits: number): string {
  const rounded = String(Math.round(Number(`${before}${behind}`) / 10 ** (3 - digits)))
  return withSign(rounded, digits)
}

function withSign(minor: string, digits: number): string {
  const all = minor.padStart(digits + 1, '0')
  return digits === 0 ? all : `${all.slice(0, -digits)}${decimalSign}${all.slice(-digits)}`
}

/** What a person typed in minor units; undefined where it is no amount, or could be two. */
export function parseMinor(typed: string, currency: string): number | undefined {
  const read = readAmount(typed, currency)
  return read && 'minor' in read ? read.minor : undefined
}

/** Minor units as the text of an input: 1234.50, or 1234,50 */
export function minorText(minor: number, currency: string): string {
  return `${minor < 0 ? '-' : ''}${withSign(String(Math.abs(minor)), minorDigits(currency))}`
}

/** Says what is wrong with an amount as it was typed; undefined where nothing is. */
export function useAmountProblem() {
  const { t } = useTranslation()
  return (typed: string, currency: string): string | undefined => {
    if (!isCurrency(currency)) return t('currencyUnknown', { currency })
    const read = readAmount(typed, currency)
    if (read === undefined) return t('moneyWrong')
    if ('either' in read) return t('moneyTwoWays', { typed: typed.trim(), one: read.either[0], other: read.either[1] })
    return undefined
  }
}
