import { expect, test } from 'vitest'
import type { Schemas } from '@/api/client'
import { linesOf } from './needLines'

const need = (id: string, more: Partial<Schemas['Need']>) =>
  ({ id, title: id, side: 'NONE', quantity: 1, unit: 'PIECE', ...more }) as Schemas['Need']

test('one line for what is bought together, with all that the jobs take of it', () => {
  const lines = linesOf([
    need('a', { item: 'welding-wire', quantity: 800, unit: 'GRAM' }),
    need('b', { item: 'tyre', quantity: 2 }),
    need('c', { item: 'welding-wire', quantity: 300, unit: 'GRAM' }),
  ])
  expect(lines.map((l) => [l.needs.map((n) => n.id), l.total.quantity])).toEqual([
    [['a', 'c'], 1100],
    [['b'], 2],
  ])
})

test('left and right are not the same, and what nobody knows is like nothing else', () => {
  expect(
    linesOf([
      need('a', { item: 'sill-outer', side: 'LEFT' }),
      need('b', { item: 'sill-outer', side: 'RIGHT' }),
      need('c', { title: 'Bracket' }),
      need('d', { title: 'Bracket' }),
    ]),
  ).toHaveLength(4)
})
