import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { garage, show } from '@/test/page'
import { server } from '@/test/server'
import { Prices } from './Prices'

it('keeps all other settings, and can be emptied again', async () => {
  server.when('PUT /api/garage', {})
  show(
    <Prices garage={{ ...garage, workshopHourMinor: 6800, commonMonthlyMinor: 50000 } as Schemas['GarageResponse']} />,
  )
  const hour = screen.getByLabelText('An hour at a workshop, EUR')
  expect(hour).toHaveValue('68.00')
  await userEvent.clear(hour)
  await userEvent.type(hour, '72,5')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes('PUT /api/garage')).toHaveLength(1))
  expect(server.writes('PUT /api/garage')[0]!.body).toEqual({
    name: 'The shed',
    zone: 'Europe/Vienna',
    locale: 'en-GB',
    version: 0,
    workshopHourMinor: 7250,
    commonMonthlyMinor: 50000,
  })
  await userEvent.clear(hour)
  await userEvent.type(hour, 'dear')
  expect(screen.getByText(/Write it like 12.50/)).toBeInTheDocument()
  await userEvent.clear(hour)
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes('PUT /api/garage')).toHaveLength(2))
  expect(server.writes('PUT /api/garage')[1]!.body).not.toHaveProperty('workshopHourMinor')
})
