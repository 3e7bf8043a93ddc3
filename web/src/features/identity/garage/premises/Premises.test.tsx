import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { Premises } from './Premises'

const usualNights = [3, 3, 5, 7, 10, 13, 15, 15, 12, 9, 6, 4]

it('keeps how warm it is, when it may be loud and what room there is', async () => {
  server.when('GET /api/premises', { said: [], usualNights })
  server.when('PUT /api/premises', undefined)
  show(<Premises />)
  await userEvent.selectOptions(
    await screen.findByLabelText('How warm is it at night?'),
    'Cold: paint waits for warm nights',
  )
  expect(screen.getByText(/3 3 5 7 10 13 15 15 12 9 6 4/)).toBeVisible()
  await userEvent.type(screen.getByLabelText('Usual nights from January to December, °C'), '3 4')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  expect(await screen.findByText('Enter twelve whole numbers, one for each month.')).toBeVisible()
  await userEvent.clear(screen.getByLabelText('Usual nights from January to December, °C'))
  await userEvent.type(screen.getByLabelText('Noise from'), '08:00')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  expect(await screen.findByText('Enter both times, or neither.')).toBeVisible()
  await userEvent.type(screen.getByLabelText('Noise until'), '20:00')
  await userEvent.type(screen.getByLabelText('Room for what comes off, m²'), '2,5')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes('PUT /api/premises')).toHaveLength(1))
  expect(server.writes('PUT /api/premises')[0]!.body).toEqual({
    heating: 'COLD',
    noise: { fromMinute: 480, toMinute: 1200 },
    shelf: 250,
  })
})

it('shows of a place what was said of it', async () => {
  server.when('GET /api/premises', {
    said: [{ placeId: 'bench', heating: 'HEATED', noise: { fromMinute: 540, toMinute: 1080 } }],
    usualNights,
  })
  show(<Premises placeId="bench" />)
  expect(await screen.findByLabelText('How warm is it at night?')).toHaveValue('HEATED')
  expect(screen.getByLabelText('Noise from')).toHaveValue('09:00')
  expect(screen.queryByLabelText('Room for what comes off, m²')).toBeNull()
})
