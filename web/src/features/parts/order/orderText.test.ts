import { expect, it } from 'vitest'
import { orderText } from './orderText'

const words = { order: 'Order', reference: 'Reference', on: 'Date', post: 'Post', total: 'Total' }
const line = (title: string, amountMinor: number, pieces: number, sparePieces = 0) =>
  ({ title, amountMinor, pieces, sparePieces }) as never

it('is what one sends: whole packs, the post and the sum', () => {
  const order = {
    supplier: 'Alder & Finch',
    reference: 'AF/1',
    orderedOn: '2026-03-01',
    currency: 'EUR',
    postMinor: 690,
    lines: [line('Drain plug washer', 480, 1, 23), line('Heater hose', 1250, 2)],
  } as never
  expect(orderText(order, words, (minor) => (minor / 100).toFixed(2))).toBe(
    [
      'Order: Alder & Finch',
      'Reference: AF/1',
      'Date: 2026-03-01',
      '',
      '24 × Drain plug washer  4.80',
      '2 × Heater hose  12.50',
      'Post  6.90',
      '',
      'Total  24.20',
    ].join('\n'),
  )
})
