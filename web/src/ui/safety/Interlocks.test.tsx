import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { Refusal, server } from '@/test/server'
import { Interlocks } from './Interlocks'

it('confirms each by itself and says who did', async () => {
  const path = 'POST /api/jobs/j/interlocks'
  server.when(path, undefined)
  server.when('GET /api/jobs/j/interlocks', [
    { interlock: 'EXTINGUISHER', near: [] },
    { interlock: 'SUPPORTED', near: [], confirmedBy: 'Ines', confirmedAt: '2026-03-01T18:10:00Z' },
  ])
  show(<Interlocks jobId="j" />)
  expect(await screen.findByText(/Ines, /)).toBeInTheDocument()
  const buttons = screen.getAllByRole('button')
  expect(buttons).toHaveLength(1)
  await userEvent.click(screen.getByRole('button', { name: /Confirm: Extinguisher within reach/ }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({ interlock: 'EXTINGUISHER' })
})

it('asks on what a weak vehicle stands', async () => {
  const path = 'POST /api/jobs/j/interlocks'
  server.when('GET /api/jobs/j/interlocks', [
    { interlock: 'SUPPORTED', near: [] },
    { interlock: 'FUEL_AWAY', near: ['Floor', 'Wiring'] },
  ])
  server.when(path, new Refusal(422, { code: 'strip-down.support', detail: 'Do not stand it on: Sill, left.' }))
  show(<Interlocks jobId="j" />)
  const confirm = await screen.findByRole('button', { name: /Confirm: On rated stands/ })
  expect(screen.getByText('Beside and behind it, moved away or covered: Floor, Wiring')).toBeInTheDocument()
  await userEvent.click(confirm)
  await userEvent.type(await screen.findByLabelText('Sound points to support it instead'), 'axle tube, chassis leg')
  await userEvent.click(confirm)
  await waitFor(() => expect(server.writes(path)).toHaveLength(2))
  expect(server.writes(path)[1]!.body).toMatchObject({ supportPoints: 'axle tube, chassis leg' })
})
