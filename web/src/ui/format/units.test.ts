import { expect, it } from 'vitest'
import { keptUnits, makeUnits, READABLE, readable, type Quantity, type Unit } from './units'

const rows = [
  { unit: 'MILLIMETRE', base: 'MILLIMETRE', factor: 1, zero: 0 },
  { unit: 'INCH', base: 'MILLIMETRE', factor: 25.4, zero: 0 },
  { unit: 'CELSIUS', base: 'CELSIUS', factor: 1, zero: 0 },
  { unit: 'FAHRENHEIT', base: 'CELSIUS', factor: 5 / 9, zero: -160 / 9 },
  { unit: 'MICROMETRE', base: 'MILLIMETRE', factor: 0.001, zero: 0 },
] satisfies Parameters<typeof makeUnits>[0]
const american = (q: Quantity): Unit => (q === 'length' ? 'INCH' : q === 'temperature' ? 'FAHRENHEIT' : 'MILLIMETRE')
const units = makeUnits(rows, american, (unit) => unit.toLowerCase())

it('says a measure in the unit of whoever reads', () => {
  expect(units.say(1500, 'MILLIMETRE')).toBe('59.06 inch')
  expect(units.say(20, 'CELSIUS')).toBe('68 fahrenheit')
  expect(units.sayArea(64516, 'MILLIMETRE')).toBe('100 inch²')
})

it('takes a difference as steps, not as a point of the scale', () => {
  expect(units.difference(5, 'CELSIUS')).toBe('9')
})

it('leaves a unit alone that nobody has another one for', () => {
  expect(units.say(120, 'MICROMETRE')).toBe('120 micrometre')
})

it('reads what was typed back into the unit that is kept', () => {
  expect(units.typed(59.0551, 'MILLIMETRE')).toBeCloseTo(1500, 3)
  expect(units.typed(68, 'CELSIUS')).toBeCloseTo(20, 9)
})

it('shows a figure as it is in its own unit, however long', () => {
  const metric = makeUnits(
    rows,
    (q) => (q === 'length' ? 'MILLIMETRE' : 'CELSIUS'),
    (unit) => unit.toLowerCase(),
  )
  expect(metric.say(12345.5, 'MILLIMETRE')).toBe('12345.5 millimetre')
  expect(metric.text(2000.5, 'MILLIMETRE')).toBe('2000.5')
  expect(metric.say(8.9634571, 'MILLIMETRE', READABLE)).toBe('8.963 millimetre')
})

it.each([0.5, 3, 50, 1480, 2000.5, 3890, 12345.25, 99999])(
  'keeps %d mm that are saved as they stand in a form',
  (mm) => {
    expect(units.typed(Number(units.text(mm, 'MILLIMETRE')), 'MILLIMETRE')).toBe(mm)
    if (Number.isInteger(mm)) expect(units.typedWhole(Number(units.text(mm, 'MILLIMETRE')), 'MILLIMETRE')).toBe(mm)
  },
)

it('takes only whole millimetres from a rule of millimetres', () => {
  const metric = makeUnits(
    rows,
    () => 'MILLIMETRE',
    (unit) => unit.toLowerCase(),
  )
  expect([-20, 35, 3.5, NaN].map((typed) => metric.typedWhole(typed, 'MILLIMETRE'))).toEqual([-20, 35, NaN, NaN])
})

it.each([
  ['{"length":"FURLONG","torque":"POUND_FOOT"}', { torque: 'POUND_FOOT' }],
  ['{"length":', {}],
  ['null', {}],
])('of what was kept as %s takes only units', (text, expected) => {
  localStorage.setItem('ofisino.units', text)
  expect(keptUnits(localStorage)).toEqual(expected)
})

it('converts nothing before it knows the units', () => {
  expect(makeUnits([], american, (unit) => unit.toLowerCase()).say(3, 'MILLIMETRE')).toBe('3 millimetre')
})

it('writes as many digits as a restorer reads', () => {
  expect([12.399999, 0.1834567, 2310].map(readable)).toEqual(['12.4', '0.1835', '2310'])
})
