import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { everyDay } from '@/ui/form/WeekdayPick'
import { PlaceRoom } from './PlaceRoom'
import { SupplierDays } from '../calendar/SupplierDays'

it('keeps for how many there is room and on which days', async () => {
  const place = { id: 'p', name: 'Barn', kind: 'BAY', code: 'P3X', room: 2, usableOn: everyDay, parts: 0, version: 4 }
  server.when('PUT /api/places/p', place)
  show(<PlaceRoom place={place as Schemas['PlaceRow']} />)
  await userEvent.click(screen.getByText('Room for 2 jobs at once.'))
  await userEvent.clear(screen.getByLabelText('How many jobs it has room for'))
  await userEvent.type(screen.getByLabelText('How many jobs it has room for'), '3')
  for (const day of ['Monday', 'Tuesday', 'Wednesday', 'Thursday', 'Friday'])
    await userEvent.click(screen.getByLabelText(day))
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes('PUT /api/places/p')).toHaveLength(1))
  expect(server.writes('PUT /api/places/p')[0]!.body).toEqual({
    name: 'Barn',
    kind: 'BAY',
    room: 3,
    usableOn: { days: ['SATURDAY', 'SUNDAY'] },
    version: 4,
  })
})

it('says when suppliers are open and keeps it', async () => {
  server.when('GET /api/suppliers', [
    { id: 's', name: 'Alder & Finch', currency: 'EUR', note: '', openOn: { days: ['MONDAY', 'FRIDAY'] }, version: 1 },
  ])
  server.when('PUT /api/suppliers/s/open-on', undefined)
  show(<SupplierDays />)
  await userEvent.click(await screen.findByText('Monday, Friday'))
  await userEvent.click(screen.getByLabelText('Friday'))
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes('PUT /api/suppliers/s/open-on')).toHaveLength(1))
  expect(server.writes('PUT /api/suppliers/s/open-on')[0]!.body).toEqual({ openOn: { days: ['MONDAY'] }, version: 1 })
})
