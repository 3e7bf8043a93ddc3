import { expect, it } from 'vitest'
import { columnsOf, meaningsOf, withMeaning } from './columns'

it('knows what stands in which column, and back', () => {
  const columns = { title: 1, price: 3, number: 0 }
  const chosen = meaningsOf(columns, 4)
  expect(chosen).toEqual(['number', 'title', undefined, 'price'])
  expect(columnsOf(chosen)).toEqual(columns)
})

it('gives a meaning to one column alone, and misses name and price', () => {
  const moved = withMeaning(['number', 'title', undefined, 'price'], 2, 'title')
  expect(moved).toEqual(['number', undefined, 'title', 'price'])
  expect(columnsOf(withMeaning(moved, 3, undefined))).toBeUndefined()
})
