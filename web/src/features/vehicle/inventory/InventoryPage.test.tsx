import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { show } from '@/test/page'
import { Refusal, server } from '@/test/server'
import { InventoryPage } from './InventoryPage'

const line = (id: string, name: string, expected: number, onVehicle: number, loose: number) => ({
  line: { id, zone: 'load-bay', name, expected, onVehicle, loose, box: loose ? 'Box 3' : '', version: 1 },
  toObtain: Math.max(0, expected - onVehicle - loose),
  spare: Math.max(0, onVehicle + loose - expected),
})
const path = 'PUT /api/projects/car/inventory'

beforeEach(() => {
  server
    .when('GET /api/projects/car', { id: 'car', bodyStyle: 'ESTATE' })
    .when('GET /api/projects/car/drawing', {
      style: 'ESTATE',
      views: [],
      zones: [{ id: 'load-bay', name: 'Load bay', side: 'NONE' }],
    })
    .when('GET /api/projects/car/inventory', [line('a', 'Clips', 24, 6, 11), line('b', 'Rims', 2, 1, 2)])
})
const open = () => show(<InventoryPage />, '/p/car/walk/inventory', '/p/:projectId/walk/inventory')

it('says what is nowhere, and how much only lies loose', async () => {
  open()
  expect(await screen.findByText(/One thing to find or buy: 7 × Clips. 13 loose parts/)).toBeInTheDocument()
  expect(screen.getByText(/one to spare/)).toBeInTheDocument()
  expect(screen.getAllByRole('button', { name: 'Record as missing' })).toHaveLength(1)
})

it('counts again with the version that was read, and only whole numbers', async () => {
  server.when(path, undefined)
  open()
  await userEvent.click((await screen.findAllByRole('button', { name: 'Count again' }))[0]!)
  const onCar = screen.getByLabelText('On the car')
  await userEvent.clear(onCar)
  await userEvent.type(onCar, 'ten')
  await userEvent.click(screen.getByRole('button', { name: 'Save the count' }))
  expect(await screen.findByText('Enter whole numbers.')).toBeInTheDocument()
  expect(server.writes(path)).toHaveLength(0)
  await userEvent.clear(onCar)
  await userEvent.type(onCar, '13')
  await userEvent.click(screen.getByRole('button', { name: 'Save the count' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({ id: 'a', onVehicle: 13, loose: 11, version: 1 })
})

it('keeps the form open when the count is refused', async () => {
  server.when(path, new Refusal(422, { code: 'inventory.too-many', detail: '25 on the vehicle is more than the 24.' }))
  open()
  await userEvent.click((await screen.findAllByRole('button', { name: 'Count again' }))[0]!)
  await userEvent.click(screen.getByRole('button', { name: 'Save the count' }))
  expect(await screen.findByText(/more than the 24/)).toBeInTheDocument()
  expect(screen.getByLabelText('Should be')).toHaveValue('24')
})
