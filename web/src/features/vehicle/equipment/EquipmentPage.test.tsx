import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { EquipmentPage } from './EquipmentPage'

const values = [
  { id: 'none', name: 'none', possible: true },
  { id: 'driver', name: 'driver’s', possible: true },
]
const items = [
  { id: 'airbags', name: 'Airbags', values, facts: [] },
  { id: 'abs', name: 'ABS', values, value: 'none', how: 'GUESSED', facts: [] },
  {
    id: 'tow-bar',
    name: 'Tow bar',
    values,
    value: 'none',
    how: 'SEEN',
    facts: [
      { id: 'f', item: 'tow-bar', value: 'driver', how: 'SAID', saidBy: 'Ines', saidAt: '2026-03-01T10:00:00Z' },
      { id: 'g', item: 'tow-bar', value: 'none', how: 'SEEN', saidBy: 'Ines', saidAt: '2026-03-02T10:00:00Z' },
    ],
  },
]

it('puts first what nobody knows, and keeps what was seen', async () => {
  const path = 'POST /api/projects/car/equipment'
  server.when('GET /api/projects/car/equipment', items).when(path, undefined)
  show(<EquipmentPage />, '/p/car', '/p/:projectId')
  expect(await screen.findByText(/1 of 3 seen or read/)).toBeInTheDocument()
  expect(screen.getAllByRole('heading', { level: 2 }).map((h) => h.textContent)).toEqual([
    'Not known',
    'Guessed',
    'Seen or read',
  ])
  await userEvent.click(screen.getByRole('button', { name: /Airbags/ }))
  const sheet = within(screen.getByRole('dialog'))
  expect(sheet.getByRole('button', { name: 'Save' })).toBeDisabled()
  await userEvent.click(sheet.getByRole('radio', { name: 'none' }))
  await userEvent.selectOptions(sheet.getByLabelText('How do you know?'), 'PAPERS')
  await userEvent.click(sheet.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({ facts: [{ item: 'airbags', value: 'none', how: 'PAPERS' }] })
  expect(server.writes(path)[0]!.body).not.toHaveProperty('facts[0].since')
})

it('shows what was said before', async () => {
  server.when('GET /api/projects/car/equipment', items)
  show(<EquipmentPage />, '/p/car', '/p/:projectId')
  await userEvent.click(await screen.findByRole('button', { name: /Tow bar/ }))
  const before = screen.getByRole('region', { name: 'Earlier entries' })
  expect(
    within(before)
      .getAllByRole('listitem')
      .map((l) => l.textContent),
  ).toEqual([expect.stringContaining('none, seen on the car'), expect.stringContaining('driver’s, told')])
})
