import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import { show } from '@/test/page'
import { Refusal, server } from '@/test/server'
import { ReadingForm } from './ReadingForm'
import type { Measurable, Readings } from '../readings'

const source = { work: 'common practice', year: '', place: '', verified: false }
const battery: Measurable = {
  id: 'battery-rest',
  name: 'Battery at rest',
  unit: 'VOLT',
  readIn: 'VOLT',
  units: ['VOLT', 'MILLIVOLT'],
  age: false,
  critical: false,
  min: 12.24,
  figures: [],
  places: ['battery-tray'],
  pairs: [],
  own: false,
  asks: [],
  source,
}
const compression: Measurable = {
  ...battery,
  id: 'compression',
  places: ['engine-block', 'battery-tray'],
  name: 'Compression by cylinder',
  unit: 'PERCENT',
  readIn: 'BAR',
  units: ['BAR', 'PSI'],
  derived: 'LOWEST_OF_HIGHEST',
}
const tyre: Measurable = {
  ...battery,
  id: 'tyre-age',
  name: 'Age of the tyre',
  unit: 'YEAR',
  units: ['YEAR'],
  age: true,
}
const rollers: Measurable = {
  ...compression,
  id: 'brake-imbalance',
  name: 'Difference of brake force on an axle',
  readIn: 'NEWTON',
  units: ['NEWTON'],
  pairs: ['front', 'rear'],
}
const chain: Measurable = {
  ...battery,
  id: 'chain-stretch',
  name: 'Stretch of the chain',
  unit: 'PERCENT',
  readIn: 'PERCENT',
  units: ['PERCENT'],
}
const readings: Readings = { measured: [], limits: [battery, compression, tyre, rollers, chain], instruments: [] }

const path = 'POST /api/projects/car/readings'
const open = (limitId: string | null = null) =>
  show(
    <ReadingForm
      projectId="car"
      readings={readings}
      places={['engine-block', 'battery-tray']}
      nameOf={(p) => p}
      limitId={limitId}
      at="battery-tray"
      onClose={vi.fn()}
    />,
  )

it('asks again before it keeps what cannot be', async () => {
  let asked = true
  server.when(path, () =>
    asked ? new Refusal(422, { code: 'reading.ask-again', detail: '400 volt is not to be expected here.' }) : undefined,
  )
  open('battery-rest')
  await userEvent.type(screen.getByLabelText('Reading, V'), '400')
  await userEvent.click(screen.getByRole('button', { name: 'Save the readings' }))
  expect(await screen.findByText(/not to be expected here/)).toBeInTheDocument()
  await userEvent.click(screen.getByLabelText(/really reads this/))
  asked = false
  await userEvent.click(screen.getByRole('button', { name: 'Save the readings' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(2))
  const [first, second] = server.writes(path)
  expect(first!.body).toMatchObject({ place: 'battery-tray', readings: [{ value: 400, sure: false }] })
  expect(second!.body).toMatchObject({ readings: [{ value: 400, sure: true }] })
  expect(second!.writeId).not.toBe(first!.writeId)
})

it('opens a row for each cylinder and leaves out what was not read', async () => {
  server.when(path, undefined)
  open('compression')
  await userEvent.click(screen.getByRole('button', { name: 'Another spot' }))
  const values = screen.getAllByLabelText('Reading, bar')
  expect(values).toHaveLength(3)
  await userEvent.type(values[0]!, '11,6')
  await userEvent.type(values[1]!, '8.6')
  await userEvent.selectOptions(screen.getByLabelText('Unit'), 'PSI')
  await userEvent.click(screen.getByRole('button', { name: 'Save the readings' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({
    limitId: 'compression',
    readings: [
      { spot: '1', value: 11.6, unit: 'PSI' },
      { spot: '2', value: 8.6, unit: 'PSI' },
    ],
  })
})

it('takes a date code for what ages, and no number for what is no number', async () => {
  server.when(path, undefined)
  open('tyre-age')
  await userEvent.type(screen.getByLabelText(/Date code/), '1409')
  await userEvent.click(screen.getByRole('button', { name: 'Save the readings' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({ readings: [{ made: '1409' }] })
  await userEvent.selectOptions(screen.getByLabelText('What is measured'), 'battery-rest')
  await userEvent.type(screen.getByLabelText('Reading, V'), 'twelve')
  await userEvent.click(screen.getByRole('button', { name: 'Save the readings' }))
  expect(await screen.findByText(/Enter a number as the instrument shows it/)).toBeInTheDocument()
  expect(server.writes(path)).toHaveLength(1)
})

it('lays out left and right of each axle, which are compared by themselves', async () => {
  open('brake-imbalance')
  expect((await screen.findAllByLabelText('Spot')).map((f) => (f as HTMLInputElement).value)).toEqual([
    'front left',
    'front right',
    'rear left',
    'rear right',
  ])
})

it('takes a chain by its length over its pitches', async () => {
  server.when(path, undefined)
  open('chain-stretch')
  await userEvent.type(await screen.findByLabelText('Length, pin to pin, mm'), '323.9')
  await userEvent.click(screen.getByRole('button', { name: 'Save the readings' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({
    limitId: 'chain-stretch',
    readings: [{ chain: { length: 323.9, pitches: 20, pitch: 15.875 } }],
  })
})
