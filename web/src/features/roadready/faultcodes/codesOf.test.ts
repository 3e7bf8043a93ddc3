import { expect, it } from 'vitest'
import { codesOf } from './codesOf'

it('reads a module to a line with any separator between codes', () => {
  expect(codesOf('Engine: P0301, P0562\n\nBody control:B1000;B1001')).toEqual([
    { module: 'Engine', code: 'P0301' },
    { module: 'Engine', code: 'P0562' },
    { module: 'Body control', code: 'B1000' },
    { module: 'Body control', code: 'B1001' },
  ])
})

it('takes nothing typed as no code at all', () => expect(codesOf(' \n')).toEqual([]))

it.each(['P0301', 'Engine:', ': P0301', 'a: b: c'])('does not guess at “%s”', (text) =>
  expect(codesOf(text)).toBe('unreadable'),
)
