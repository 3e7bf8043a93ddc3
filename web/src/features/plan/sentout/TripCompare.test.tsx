import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { TripCompare } from './TripCompare'

/** Scenario 5: two errands 84 and 80 km away, 12 km apart: 176 km together, 328 apart. */
it('compares one way with several', async () => {
  server.when('POST /api/trips', { togetherKm: 176, apartKm: 328, savedMinor: 3800 })
  show(<TripCompare projectId="car" />)
  const type = async (label: string, i: number, text: string) =>
    userEvent.type(screen.getAllByLabelText(label)[i]!, text)
  await type('Distance from home, km', 0, '84')
  await type('Distance to the next, km', 0, '12')
  await type('Distance from home, km', 1, '80')
  await userEvent.click(screen.getByRole('button', { name: 'One trip or several?' }))
  await waitFor(() => expect(server.writes('POST /api/trips')).toHaveLength(1))
  expect(server.writes('POST /api/trips')[0]!.body).toEqual({ fromHomeKm: [84, 80], betweenKm: [12] })
  expect(await screen.findByText('176 km in one trip, 328 km separately: one trip saves €38.00.')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Add a stop' }))
  expect(screen.getAllByLabelText('Distance to the next, km')).toHaveLength(2)
})

it('sends nothing while a distance is missing or none, and keeps what was typed', async () => {
  server.when('POST /api/trips', { togetherKm: 1, apartKm: 1 })
  const page = show(<TripCompare projectId="van" />)
  await userEvent.type(screen.getAllByLabelText('Distance from home, km')[0]!, 'far')
  await userEvent.click(screen.getByRole('button', { name: 'One trip or several?' }))
  // what is no distance, the one to the next stop and the second one from home
  expect(await screen.findAllByText('Enter a number.')).toHaveLength(3)
  expect(server.writes('POST /api/trips')).toHaveLength(0)
  page.unmount()
  show(<TripCompare projectId="van" />)
  expect(screen.getAllByLabelText('Distance from home, km')[0]).toHaveValue('far')
})
