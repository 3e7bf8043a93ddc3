import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { WherePage } from './WherePage'

const totals = {
  by: 'SYSTEM',
  from: '2026-05-30',
  to: '2026-11-30',
  openingMinor: 0,
  groups: [
    { key: 'VEHICLE', baseMinor: 200_000 },
    { key: 'BRAKES', baseMinor: 100_000 },
  ],
  closingMinor: 300_000,
  depositsOutMinor: 1_500,
}
const position = { budget: 90_000, spent: 60_000, orderedNotPaid: 40_000, toOrder: 0, agreed: 0 }
const brakes = {
  group: 'BRAKES',
  safety: true,
  budgetMinor: 90_000,
  position,
  committedMinor: 100_000,
  leftMinor: -10_000,
  overBasisPoints: 1_111,
}
const wasted = { id: 'w', entryId: 'e', description: 'Lens', minor: 6_120, cause: 'BROKEN_BY_ME', note: 'Dropped' }

function open() {
  server.when('GET /api/projects/car/totals', totals)
  server.when('GET /api/projects/car/groups', {
    currency: 'EUR',
    projectBudgetMinor: 450_000,
    freeMinor: 360_000,
    groups: [brakes],
  })
  server.when('GET /api/projects/car/waste', {
    totalMinor: 6_120,
    causes: [{ cause: 'BROKEN_BY_ME', minor: 6_120 }],
    lines: [wasted],
  })
  show(<WherePage />)
}

it('says what took most of it, and what of it was for nothing', async () => {
  open()
  expect(await screen.findByText(/in all, most of it on/)).toHaveTextContent(
    '€3,000.00 in all, most of it on the vehicle: 67 %.',
  )
  expect(
    await screen.findByText(/€61.20 of it was for nothing. €15.00 of it is deposits that come back./),
  ).toBeInTheDocument()
  await userEvent.click(screen.getByText('I broke it'))
  expect(screen.getByRole('link', { name: 'Lens' })).toHaveAttribute('href', '/p/car/money?entry=e')
})

it('checks a total that somebody named for one group', async () => {
  open()
  server.when('GET /api/projects/car/totals/check', { sum: 100_000, difference: 4_845, suspects: [] })
  await userEvent.click(await screen.findByRole('button', { name: /Check a total.*Brakes/ }))
  await userEvent.type(screen.getByLabelText('What somebody named for it, in EUR'), '1048.45')
  expect(await screen.findByText(/48\.45/)).toBeInTheDocument()
})

it('shows a group over its budget in money and percent, and takes another budget', async () => {
  open()
  server.when('PUT /api/projects/car/groups/BRAKES/budget', undefined)
  const row = (await screen.findByText('· safety')).closest('li')!
  expect(row).toHaveTextContent('€1,000.00 / €900.00')
  expect(row).toHaveTextContent('€100.00 over (11.11 %)')
  await userEvent.click(within(row).getByRole('button', { name: /Set.*Brakes/ }))
  const field = screen.getByLabelText('Budget for it, in EUR')
  await userEvent.clear(field)
  await userEvent.type(field, '1200')
  await userEvent.click(screen.getByRole('button', { name: 'Keep it' }))
  expect(server.writes('PUT /api/projects/car/groups/BRAKES/budget')[0]!.body).toMatchObject({ minor: 120_000 })
})
