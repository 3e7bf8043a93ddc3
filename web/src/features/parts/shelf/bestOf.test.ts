import { expect, it } from 'vitest'
import { duplicatesOf } from './bestOf'

const thing = (id: string, condition: string, more: object = {}) =>
  ({ id, title: 'Window winder', side: 'LEFT', condition, fate: 'UNDECIDED', isToCollect: false, ...more }) as never

it('finds the best of several, by their condition', () => {
  const found = duplicatesOf([thing('a', 'WORN'), thing('b', 'GOOD'), thing('c', 'UNKNOWN')])
  expect(found).toHaveLength(1)
  expect(found[0]).toMatchObject({ best: { id: 'b' }, others: [{ id: 'a' }, { id: 'c' }] })
})

it('finds none where nobody has looked, where two are alike, and where it was decided', () => {
  expect(duplicatesOf([thing('a', 'UNKNOWN'), thing('b', 'UNKNOWN')])).toEqual([])
  expect(duplicatesOf([thing('a', 'GOOD'), thing('b', 'GOOD')])).toEqual([])
  expect(duplicatesOf([thing('a', 'GOOD'), thing('b', 'WORN', { fate: 'SELL' })])).toEqual([])
  expect(duplicatesOf([thing('a', 'GOOD'), thing('b', 'WORN', { side: 'RIGHT' })])).toEqual([])
})
