import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { Conditions } from './Conditions'
import type { Job } from '../job/jobWork'

const usual = { people: 1, inOneGo: false, dryMinutes: 0, keepsPlace: false, outdoors: false }
const job = { id: 'a', code: 'K7M', title: 'Prime' } as Job
const path = 'PUT /api/jobs/a/conditions'

it('says only what is not as usual, and keeps where, how long it dries and who is needed', async () => {
  server.when(path, undefined)
  server.when('PUT /api/jobs/a/within', undefined)
  server.when('GET /api/places', [
    {
      id: 'bay',
      name: 'Long bay',
      kind: 'BAY',
      toWorkIn: true,
      code: 'P3X',
      room: 1,
      usableOn: { days: [] },
      parts: 0,
      version: 0,
    },
    { id: 'bag', name: 'Bag', kind: 'BAG', code: 'P4X', room: 1, usableOn: { days: [] }, parts: 0, version: 0 },
  ])
  server.when('GET /api/jobs/a/conditions', {
    conditions: { ...usual, people: 2 },
    lowestCelsius: 15,
    follows: [{ jobId: 'b', title: 'Blast', withinMinutes: 240, byRule: true }],
  })
  show(<Conditions job={job} />)
  expect(
    await screen.findByText('2 people. Cures only from 15 °C on, day and night; the tin wins. Within 4 h of “Blast”.'),
  ).toBeInTheDocument()
  await userEvent.click(screen.getByText('Where and how'))
  expect(screen.queryByRole('option', { name: 'Bag' })).not.toBeInTheDocument()
  expect(screen.getByLabelText(/Keeps the place/)).toBeDisabled()
  await userEvent.selectOptions(screen.getByLabelText('Where'), 'Long bay')
  await userEvent.click(screen.getByLabelText(/Keeps the place/))
  await userEvent.clear(screen.getByLabelText('Drying time, hours'))
  await userEvent.type(screen.getByLabelText('Drying time, hours'), '12,5')
  await userEvent.selectOptions(screen.getByLabelText('People'), 'one person')
  await userEvent.click(screen.getAllByRole('button', { name: 'Save' })[0]!)
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toEqual({
    conditions: { ...usual, dryMinutes: 750, keepsPlace: true },
    placeId: 'bay',
  })

  expect(screen.getByText(/Usually 4 h/)).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText(/At most this many hours after “Blast”/), '1')
  await userEvent.click(screen.getAllByRole('button', { name: 'Save' })[1]!)
  await waitFor(() => expect(server.writes('PUT /api/jobs/a/within')).toHaveLength(1))
  expect(server.writes('PUT /api/jobs/a/within')[0]!.body).toEqual({ before: 'b', minutes: 60 })
})
