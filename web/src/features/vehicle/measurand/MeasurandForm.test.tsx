import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { MeasurandForm } from './MeasurandForm'
import { OwnMeasurands } from './OwnMeasurands'
import type { Measurable } from '../reading/readings'

const path = 'POST /api/projects/car/measurands'
const onDone = vi.fn()
const open = () => {
  server.when(path, undefined)
  show(<MeasurandForm projectId="car" onDone={onDone} onClose={vi.fn()} />)
}

it('adds a ring gap with the figure of its book, and goes on to measure it', async () => {
  open()
  await userEvent.type(await screen.findByLabelText('What is measured'), 'Ring gap')
  await userEvent.type(screen.getByLabelText(/least/i), '0.344')
  await userEvent.type(screen.getByLabelText(/most/i), '0,5')
  await userEvent.type(screen.getByLabelText('Source and page'), 'The ring maker’s book')
  await userEvent.click(screen.getByLabelText(/can be adjusted, filed/))
  await userEvent.click(screen.getByRole('button', { name: 'Add it' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  const body = server.writes(path)[0]!.body as { measurand: { id: string }; figure: { limitId: string } }
  expect(body).toMatchObject({
    measurand: { name: 'Ring gap', unit: 'MILLIMETRE', system: 'ENGINE', safetyClass: 'C', adjustable: true },
    figure: { least: 0.344, most: 0.5, document: 'The ring maker’s book', compared: false },
  })
  expect(body.figure.limitId).toBe(`own-${body.measurand.id}`)
  expect(onDone).toHaveBeenCalledWith(body.figure.limitId)
})

it('adds one without a figure, which is entered later, and refuses what is no number', async () => {
  open()
  await userEvent.type(await screen.findByLabelText('What is measured'), 'End float')
  await userEvent.type(screen.getByLabelText(/least/i), 'x')
  await userEvent.click(screen.getByRole('button', { name: 'Add it' }))
  expect(server.writes(path)).toHaveLength(0)
  await userEvent.clear(screen.getByLabelText(/least/i))
  await userEvent.click(screen.getByRole('button', { name: 'Add it' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).not.toHaveProperty('figure')
})

it('offers to remove what was never measured', async () => {
  const gone = 'DELETE /api/projects/car/measurands/7'
  server.when(gone, undefined)
  const limits = [
    { id: 'own-7', name: 'A slip', own: true },
    { id: 'own-8', name: 'Ring gap', own: true },
    { id: 'tread-depth', name: 'Tread depth', own: false },
  ] as Measurable[]
  show(
    <OwnMeasurands
      projectId="car"
      readings={{
        measured: [{ limitId: 'own-8', place: 'engine-block', points: [], second: 'NOT_WANTED' }],
        limits,
        instruments: [],
      }}
    />,
  )
  expect(screen.queryByRole('button', { name: 'Remove Ring gap' })).not.toBeInTheDocument()
  await userEvent.click(await screen.findByRole('button', { name: 'Remove A slip' }))
  await waitFor(() => expect(server.writes(gone)).toHaveLength(1))
})
