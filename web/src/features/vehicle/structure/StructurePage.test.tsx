import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { StructurePage } from './StructurePage'

const point = (name: string, advice: string, offMm: number, beyondMm: number) => ({
  row: {
    id: name,
    zone: 'floor-left',
    name,
    expectedMm: 2000,
    toleranceMm: 3,
    against: 'DOCUMENT',
    reference: 'manual, 4',
    reliable: true,
    version: 0,
  },
  stages: [{ stage: 'AS_FOUND', actualMm: 2000 + offMm, measuredOn: '2026-03-01', deviation: { offMm, beyondMm } }],
  advice,
})
const open = (points: object[]) => {
  server.when('GET /api/projects/car/structure', points)
  show(<StructurePage />, '/p/car', '/p/:projectId')
}

it('says what to do first and how far it is off', async () => {
  open([point('B to C', 'LEAVE', -1, 0), point('A to B', 'PULL', 9, 6)])
  expect(await screen.findByText(/“A to B” is out of tolerance: pull it/)).toHaveTextContent(
    'Tack and measure before you weld anything up.',
  )
  expect(screen.getByText(/2009 mm, \+9 mm, 6 mm out of tolerance/)).toBeInTheDocument()
  expect(screen.getByText(/1999 mm, −1 mm, within tolerance/)).toBeInTheDocument()
})

it('records the next stage', async () => {
  const path = 'POST /api/projects/car/structure/readings'
  server.when(path, undefined)
  open([point('A to B', 'PULL', 9, 6)])
  await userEvent.click(await screen.findByRole('button', { name: 'Measure: A to B' }))
  await userEvent.type(screen.getByLabelText('Measured, mm'), 'x')
  await userEvent.click(screen.getByRole('button', { name: 'Save the reading' }))
  expect(await screen.findByText('Enter a number as the instrument shows it, such as 12.4.')).toBeInTheDocument()
  await userEvent.clear(screen.getByLabelText('Measured, mm'))
  await userEvent.type(screen.getByLabelText('Measured, mm'), '2002,5')
  await userEvent.click(screen.getByRole('button', { name: 'Save the reading' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({ pointId: 'A to B', stage: 'PULLED', actualMm: 2002.5 })
})
