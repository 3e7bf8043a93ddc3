import { expect, test } from 'vitest'
import type { Schemas } from '@/api/client'
import { linesOf } from './needLines'

const need = (id: string, more: Partial<Schemas['Need']>) =>
  ({ id, title: id, side: 'NONE', quantity: 1, unit: 'PIECE', sameAs: id, ...more }) as Schemas['Need']

test('one line for what is bought together, with all that the jobs take of it', () => {
  const lines = linesOf([
    need('a', { sameAs: 'wire', quantity: 800, unit: 'GRAM' }),
    need('b', { sameAs: 'tyre', quantity: 2 }),
    need('c', { sameAs: 'wire', quantity: 300, unit: 'GRAM' }),
  ])
  expect(lines.map((l) => [l.needs.map((n) => n.id), l.total.quantity])).toEqual([
    [['a', 'c'], 1100],
    [['b'], 2],
  ])
})
