import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { ClearancePage } from './ClearancePage'

const passage = { id: 'p', name: 'Shed door', heightMm: 1650, widthMm: 2300, marginMm: 60 }
const open = (clearance: object) => {
  server.when('GET /api/projects/car/clearance', clearance)
  server.when('GET /api/projects/car/jobs', { jobs: [{ id: 'rack', code: 'R', title: 'Fit the rack', over: false }] })
  show(<ClearancePage />, '/p/car', '/p/:projectId')
}

it('names the job that traps the car and the way out', async () => {
  open({
    size: { heightMm: 1478, widthMm: 1520, lengthMm: 3890 },
    changes: [{ jobId: 'rack', heightMm: 190, widthMm: 0, lengthMm: 0 }],
    passages: [
      {
        passage,
        now: { fit: 'FITS', spareMm: 172 },
        after: [{ job: 'rack', verdict: { fit: 'STUCK', spareMm: -18 } }],
        trap: 'rack',
        waysOut: ['rack'],
      },
    ],
  })
  expect(
    await screen.findByText(/“Fit the rack” traps it: after that, Shed door is 18 mm too small/),
  ).toHaveTextContent('Do this one on the far side: “Fit the rack”.')
  expect(screen.getByText('does not fit, 18 mm too big')).toBeInTheDocument()
  expect(screen.getByText(/Fit the rack: \+190 \/ 0 \/ 0 mm/)).toBeInTheDocument()
})

it('leaves out the length where it is no matter, and takes whole millimetres only', async () => {
  const path = 'PUT /api/clearance/passages'
  server.when(path, undefined)
  open({ changes: [], passages: [] })
  expect(await screen.findByText(/Not measured yet/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Add a doorway, trailer or bay' }))
  await userEvent.type(screen.getByLabelText('Name'), 'Door')
  await userEvent.type(screen.getByLabelText('Height, mm'), '2,1')
  await userEvent.tab()
  expect(await screen.findByText('Enter whole millimetres.')).toBeInTheDocument()
  await userEvent.clear(screen.getByLabelText('Height, mm'))
  await userEvent.type(screen.getByLabelText('Height, mm'), '2100')
  await userEvent.type(screen.getByLabelText('Width, mm'), '2300')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toEqual({
    id: expect.any(String) as string,
    name: 'Door',
    heightMm: 2100,
    widthMm: 2300,
    marginMm: 50,
  })
})
