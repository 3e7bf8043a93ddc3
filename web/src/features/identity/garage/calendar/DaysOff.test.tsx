import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { DaysOff } from './DaysOff'

it('keeps a day off, and a day with different times, as minutes of the day', async () => {
  const path = 'POST /api/calendar/days'
  server.when(path, undefined)
  server.when('GET /api/calendar/days', [
    { id: '1', accountId: 'me', day: '2026-12-24', note: 'Holidays' },
    { id: '2', accountId: 'me', day: '2026-12-28', fromMinute: 540, toMinute: 975, note: '' },
  ])
  show(<DaysOff />)
  expect(await screen.findByText(/24 Dec.*off/)).toBeInTheDocument()
  expect(screen.getByText(/28 Dec.*09:00–16:15/)).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText('Day'), '2026-12-31')
  await userEvent.click(screen.getByRole('button', { name: 'Add the day' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({ day: '2026-12-31', note: '' })
  expect(server.writes(path)[0]!.body).not.toHaveProperty('fromMinute')
  await userEvent.type(screen.getByLabelText('Day'), '2027-01-02')
  await userEvent.type(screen.getByLabelText('From (empty: day off)'), '10:30')
  await userEvent.type(screen.getByLabelText('To'), '12:00')
  await userEvent.click(screen.getByRole('button', { name: 'Add the day' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(2))
  expect(server.writes(path)[1]!.body).toMatchObject({ fromMinute: 630, toMinute: 720 })
  await userEvent.type(screen.getByLabelText('Day'), '2027-02-01')
  await userEvent.type(screen.getByLabelText('Until (several days)'), '2027-02-14')
  await userEvent.click(screen.getByRole('button', { name: 'Add the day' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(3))
  expect(server.writes(path)[2]!.body).toMatchObject({ day: '2027-02-01', until: '2027-02-14' })
})
