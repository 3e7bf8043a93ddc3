import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { HiredTools } from './HiredTools'

it('keeps what a day of a hired tool costs, and takes it off the list', async () => {
  server.when('GET /api/hired-tools', {
    hired: [
      { id: 'crane', name: 'Engine crane', perDayMinor: 3500 },
      { id: 'jack', name: 'Gearbox jack', perDayMinor: 0 },
    ],
    asked: ['Spring compressor'],
  })
  server.when('POST /api/hired-tools', undefined)
  server.when('DELETE /api/hired-tools/crane', undefined)
  show(<HiredTools currency="GBP" />)
  expect(await screen.findByText('£35.00 a day')).toBeVisible()
  expect(screen.getByText('price not said')).toBeVisible()
  await userEvent.click(screen.getByRole('button', { name: 'Add it' }))
  expect(server.writes('POST /api/hired-tools')).toHaveLength(0)
  await userEvent.type(screen.getByLabelText('Tool that you hire'), 'Spring compressor')
  await userEvent.type(screen.getByLabelText('A day costs, GBP'), '12,50')
  await userEvent.click(screen.getByRole('button', { name: 'Add it' }))
  await waitFor(() => expect(server.writes('POST /api/hired-tools')).toHaveLength(1))
  expect(server.writes('POST /api/hired-tools')[0]!.body).toMatchObject({
    name: 'Spring compressor',
    perDayMinor: 1250,
  })
  await userEvent.click(screen.getByRole('button', { name: /Engine crane/ }))
  await waitFor(() => expect(server.writes('DELETE /api/hired-tools/crane')).toHaveLength(1))
})
