import { describe, expect, it } from 'vitest'
import { hours, makeFormat, percent } from './format'

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

it('says nothing less as nothing', () => {
  expect(makeFormat('en-GB', 'UTC').money(-0, 'EUR')).toBe('€0.00')
})
