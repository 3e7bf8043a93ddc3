import { expect, it } from 'vitest'
import { columnsOf, picksOf, withMeaning } from '@/ui/list/columnPicks'
import { meanings, priceColumns } from './columns'

it('knows what stands in which column, and back', () => {
  const columns = { title: 1, price: 3, number: 0 }
  const chosen = picksOf(meanings, columns, 4)
  expect(chosen).toEqual(['number', 'title', undefined, 'price'])
  expect(columnsOf(chosen)).toEqual(columns)
})

it('gives a meaning to one column alone, and misses name and price', () => {
  const moved = withMeaning<(typeof meanings)[number]>(['number', 'title', undefined, 'price'], 2, 'title')
  expect(moved).toEqual(['number', undefined, 'title', 'price'])
  expect(priceColumns(moved)).toEqual({ number: 0, title: 2, price: 3 })
  expect(priceColumns(withMeaning(moved, 3, undefined))).toBeUndefined()
})
