import { describe, expect, it } from 'vitest'
import currencies from '../../api/generated/currencies.json'
import { makeFormat } from './format'
import { isCurrency, learnDecimalSign, minorText, parseMinor, readAmount } from './money'

// By hand. Digits after the point (ISO 4217): yen 0, euro and forint 2, Kuwaiti and Iraqi dinar 3.
describe('readAmount', () => {
  it.each([
    ['12.50', 'EUR', 1250],
    ['12,5', 'EUR', 1250],
    ['1 234,50', 'EUR', 123450],
    ['1.234,50', 'EUR', 123450],
    ['1,234.50', 'EUR', 123450],
    ['12.345,6', 'EUR', 1234560],
    ['1.234.567', 'EUR', 123456700],
    ['20', 'GBP', 2000],
    ['0', 'EUR', 0],
    ['-3.10', 'EUR', -310],
    ['5000', 'HUF', 500000],
    ['1234', 'JPY', 1234],
    ['1,234', 'JPY', 1234],
    ['1.005', 'KWD', 1005],
    ['0,125', 'KWD', 125],
    ['1000', 'IQD', 1000000],
  ])('reads %s %s', (typed, currency, minor) => {
    expect(readAmount(typed, currency)).toEqual({ minor })
  })

  it.each([
    ['1.459', 'EUR', ['1459', '1.46']],
    ['1,459', 'EUR', ['1459', '1.46']],
    ['0,125', 'EUR', ['125', '0.13']],
    ['12.505', 'HUF', ['12505', '12.51']],
    ['1.459', 'JPY', ['1459', '1']],
    ['1,005', 'KWD', ['1005', '1.005']],
  ])('asks about %s %s, which could be two amounts', (typed, currency, either) => {
    expect(readAmount(typed, currency)).toEqual({ either })
    expect(parseMinor(typed, currency)).toBeUndefined()
  })

  it.each(['', 'abc', '1.2.3', '12.3456', '1e5', '--1', '€5', '1,234,56', '99999999999999999999'])(
    'does not guess at “%s”',
    (typed) => {
      expect(readAmount(typed, 'EUR')).toBeUndefined()
    },
  )

  it('goes by the sign that stands before decimals where the garage is', () => {
    learnDecimalSign('de-AT')
    expect(readAmount('1,005', 'KWD')).toEqual({ minor: 1005 })
    expect(readAmount('1.459', 'EUR')).toEqual({ either: ['1459', '1,46'] })
    expect(minorText(123450, 'EUR')).toBe('1234,50')
  })
})

// The API says how many digits each has; what the browser believes of them (16 differ) does not count.
it.each(currencies)('writes, reads and shows $code with its $digits digits', ({ code, digits }) => {
  for (const minor of [0, 1, 5, 99, 100, 1005, 5000, 123456789, -310])
    expect(parseMinor(minorText(minor, code), code)).toBe(minor)
  const shown = makeFormat('en-GB', 'UTC').money(5 * 10 ** digits, code)
  expect(/\d[\d.]*/.exec(shown)?.[0]).toBe(digits === 0 ? '5' : `5.${'0'.repeat(digits)}`)
})

it('knows all currencies and no other', () => {
  expect(currencies.length).toBeGreaterThan(150)
  expect(isCurrency('EUR')).toBe(true)
  expect(isCurrency('EUU')).toBe(false)
})
