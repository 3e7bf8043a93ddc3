import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { Calendar } from './Calendar'

it('sends what each session needs at its ends, with the times', async () => {
  const windows = [{ day: 'SATURDAY', fromMinute: 540, toMinute: 780 }]
  server.when('GET /api/calendar', { windows, setUpMinutes: 20 })
  server.when('PUT /api/calendar', { windows, setUpMinutes: 35 })
  show(<Calendar />)
  const save = await screen.findByRole('button', { name: 'Save the times' })
  expect(save).toBeDisabled()
  const setUp = screen.getByRole('spinbutton', { name: /Set-up and clear-away/ })
  await userEvent.clear(setUp)
  expect(save).toBeDisabled() // nothing typed is not none
  await userEvent.type(setUp, '35')
  await userEvent.click(save)
  await waitFor(() => expect(server.writes('PUT /api/calendar')[0]!.body).toEqual({ windows, setUpMinutes: 35 }))
})
