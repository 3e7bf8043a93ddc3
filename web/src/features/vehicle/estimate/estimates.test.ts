import { expect, it } from 'vitest'
import { minutesOf } from '@/ui/format/format'
import { three } from './estimates'

it('reads hours as people type them', () => {
  expect(minutesOf('2,5')).toBe(150)
  expect(minutesOf('0.25')).toBe(15)
  expect(minutesOf('')).toBeUndefined()
  expect(minutesOf('-1')).toBeUndefined()
  expect(minutesOf('two')).toBeUndefined()
})

it('takes three rising values or none', () => {
  expect(three(['1', '2', '4'], minutesOf)).toEqual([60, 120, 240])
  expect(three(['', ' ', ''], minutesOf)).toBe('none')
  expect(three(['1', '', '4'], minutesOf)).toBe('wrong')
  expect(three(['4', '2', '1'], minutesOf)).toBe('wrong')
})
