import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import { show } from '@/test/page'
import type { Entry } from '../budget/moneyQueries'
import { Posted } from './Posted'

const entry = (n: number, more: object = {}) =>
  ({
    id: String(n),
    kind: 'PURCHASE',
    paidOn: '2026-11-03',
    description: `Thing ${n}`,
    currency: 'EUR',
    amountMinor: 1000,
    baseMinor: 1000,
    receipts: 0,
    ...more,
  }) as unknown as Entry

it('finds by what it was and what it cost, and adds up what is found', async () => {
  const posted = Array.from({ length: 9 }, (_, i) => entry(i))
  posted.push(entry(10, { description: 'Brake hose', baseMinor: 2050, amountMinor: 2050 }))
  posted.push(entry(11, { description: 'Brake pads', kind: 'REFUND', baseMinor: -50, amountMinor: -50 }))
  posted.push(entry(12, { description: 'Brake fluid', reversedBy: '13' }))
  show(<Posted projectId="car" posted={posted} onOpen={vi.fn()} />)
  await userEvent.type(await screen.findByLabelText('Search what is booked'), 'brake')
  expect(screen.getByRole('status')).toHaveTextContent('2 entries, €20.00 together')
  expect(screen.queryByText('Thing 1')).toBeNull()
  await userEvent.type(screen.getByLabelText('Search what is booked'), ' 20.50')
  expect(screen.getByRole('status')).toHaveTextContent('One entry, €20.50')
  expect(screen.getByRole('link', { name: 'Save as CSV' })).toHaveAttribute('href', '/api/projects/car/entries.csv')
})
