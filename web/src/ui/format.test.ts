import { describe, expect, it } from 'vitest'
import { hours, makeFormat, minorText, parseMinor, percent } from './format'

describe('hours', () => {
  it.each([
    [15, '15 min'],
    [60, '1 h'],
    [150, '2½ h'],
    [135, '2¼ h'],
    [80, '1 h 20 min'],
    [3450, '57½ h'],
  ])('says %i minutes as a person does', (minutes, said) => {
    expect(hours(minutes)).toBe(said)
  })
})

it('never calls a small share nothing', () => {
  expect([0, 0.001, 0.268, 1].map(percent)).toEqual(['0', '<1', '27', '100'])
})

describe('parseMinor', () => {
  // By hand; the yen has no minor unit, the Kuwaiti dinar three digits (ISO 4217).
  it.each([
    ['12.50', 'EUR', 1250],
    ['12,5', 'EUR', 1250],
    ['1 234,50', 'EUR', 123450],
    ['1.234,50', 'EUR', 123450],
    ['12.345,6', 'EUR', 1234560],
    ['12.505', 'EUR', 1250500],
    ['1,234.50', 'EUR', 123450],
    ['1,234', 'EUR', 123400],
    ['20', 'GBP', 2000],
    ['0', 'EUR', 0],
    ['-3.10', 'EUR', -310],
    ['1234', 'JPY', 1234],
    ['1.005', 'KWD', 1005],
  ])('reads %s %s', (typed, currency, minor) => {
    expect(parseMinor(typed, currency)).toBe(minor)
  })

  it.each(['', 'abc', '1.2.3', '12.3456', '1e5', '--1', '€5'])('does not guess at “%s”', (typed) => {
    expect(parseMinor(typed, 'EUR')).toBeUndefined()
  })

  it('reads back what it writes', () => {
    for (const minor of [0, 1, 99, 100, 123456789]) expect(parseMinor(minorText(minor, 'EUR'), 'EUR')).toBe(minor)
  })
})

describe('makeFormat', () => {
  const format = makeFormat('en-GB', 'Europe/Vienna')

  it('keeps a calendar day a calendar day', () => {
    expect(format.day('2027-06-14')).toBe('14 June')
  })

  it('shows an instant in the garage’s zone', () => {
    expect(format.dateOf('2026-03-02T23:30:00Z')).toBe('2026-03-03')
    expect(format.time('2026-07-02T17:00:00Z')).toBe('19:00')
  })

  it('shows money with its own digits', () => {
    expect(format.money(1250, 'EUR')).toBe('€12.50')
    expect(format.money(1250, 'JPY')).toBe('JP¥1,250')
  })
})
