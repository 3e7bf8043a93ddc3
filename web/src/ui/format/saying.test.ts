import { expect, it } from 'vitest'
import enUS from '@language/en-US.json'
import examples from '../../../../core/src/test/resources/ofisino/core/language/en-US.examples.json'
import { sayer } from './saying'

// core says the same examples (LanguageTest): the rule stands in both
it.each(Object.entries(examples))('an American says %s as %s', (british, expected) => {
  expect(sayer(enUS)(british)).toBe(expected)
})

it('leaves what is put in later', () => {
  expect(sayer(enUS)('{{litres}} l of petrol from {{sump}}')).toBe('{{litres}} l of gas from {{sump}}')
})

it('says a whole text as the file has it', () => {
  const loud = sayer({ terms: { sill: 'SILL' }, sentences: { 'A sill': 'Schweller' } })
  expect(loud('A sill')).toBe('Schweller')
  expect(loud('Left sill')).toBe('Left SILL')
})

it('needs no words of the trade where every text is said as a whole', () => {
  const other = sayer({ terms: {}, sentences: { 'A sill': 'Schweller' } })
  expect(other('A sill')).toBe('Schweller')
  expect(other('Not yet translated')).toBe('Not yet translated')
})
