import { expect, it } from 'vitest'
import { labelWords } from './labelWords'

it('takes a label for each line that says something', () => {
  expect(labelWords('Horn\n\n  Wiper motor \n', false, 9)).toEqual(['Horn', 'Wiper motor'])
})

it('numbers the first line', () => {
  const plugs = labelWords('Dashboard plug\nignored', true, 37)
  expect(plugs).toHaveLength(37)
  expect(plugs[0]).toBe('Dashboard plug 1')
  expect(plugs[36]).toBe('Dashboard plug 37')
})

it('makes none of nothing', () => {
  expect(labelWords(' \n', true, 3)).toEqual([])
})
