import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { MeasuredCard } from './MeasuredCard'
import type { Measurable, Measured, Point } from './readings'

const limit: Measurable = {
  id: 'coating-thickness',
  name: 'Coating thickness',
  unit: 'MICROMETRE',
  readIn: 'MICROMETRE',
  units: ['MICROMETRE'],
  age: false,
  critical: false,
  max: 300,
  figures: [],
  places: ['front-wing-left'],
  pairs: [],
  own: false,
  asks: [],
  source: { work: 'common practice', year: '', place: '', verified: false },
}
const point = (spot: string, value: number, coating: Point['coating']): Point => ({
  id: spot,
  limitId: 'paint-thickness',
  place: 'bonnet',
  spot,
  value,
  unit: 'MICROMETRE',
  readOn: '2026-03-01',
  note: '',
  measurer: 'Ines',
  last: true,
  ...(coating && { coating }),
})
const wing: Measured = {
  limitId: 'coating-thickness',
  place: 'front-wing-left',
  points: [point('1,1', 120, 'ORIGINAL'), point('1,2', 905, 'FILLER')],
  judged: { value: 905, outcome: 'OUTSIDE', why: 'ABOVE', margin: -605, raises: true, mayClear: false },
  second: 'NOT_WANTED',
}
const card = (measured: Measured, of = limit) =>
  show(<MeasuredCard measured={measured} limit={of} place="Wing" projectId="car" />)

it('maps a panel and says where the filler is', async () => {
  server.when('POST /api/projects/car/findings', {})
  card({ ...wing, proposes: { zone: 'front-wing-left', kind: 'OLD_REPAIR', safetyClass: 'C' } })
  expect(screen.getByText('out of limits')).toBeInTheDocument()
  expect(screen.getByText('Filler at one of 2 points.')).toBeInTheDocument()
  expect(screen.getByRole('img', { name: /1,2 905/ })).toBeInTheDocument()
  expect(screen.getByText(/above the limit, by 605 µm/)).toBeInTheDocument()
  expect(screen.getByText(/General figure .* does not clear/)).toBeInTheDocument()
  expect(screen.getByText(/counts as open \(.*, class C\)/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Record it as a finding' }))
  await waitFor(() => expect(server.writes('POST /api/projects/car/findings')).toHaveLength(1))
  expect(server.writes('POST /api/projects/car/findings')[0]!.body).toMatchObject({
    fields: {
      zone: 'front-wing-left',
      kind: 'OLD_REPAIR',
      limitId: 'coating-thickness',
      note: 'Coating thickness: 905 µm, limit 300 µm.',
    },
  })
})

it('leads from a reading outside to the finding that stands for it', () => {
  card({ ...wing, findingId: 'f1' })
  expect(screen.getByRole('link', { name: 'See the finding' })).toHaveAttribute('href', '/p/car/walk?finding=f1')
  expect(screen.queryByRole('button', { name: 'Record it as a finding' })).not.toBeInTheDocument()
})

it('enters the figure of the maker, which may speak for sound', async () => {
  const path = 'PUT /api/projects/car/figures'
  server.when(path, undefined)
  card(wing)
  await userEvent.click(screen.getByRole('button', { name: 'Enter a figure' }))
  await userEvent.selectOptions(screen.getByLabelText('Where the figure comes from'), 'COMPONENT')
  await userEvent.type(screen.getByLabelText('At most, µm'), '3x')
  await userEvent.click(screen.getByRole('button', { name: 'Save the figure' }))
  expect(await screen.findByText('Enter a number as the instrument shows it, such as 12.4.')).toBeInTheDocument()
  expect(server.writes(path)).toHaveLength(0)
  await userEvent.clear(screen.getByLabelText('At most, µm'))
  await userEvent.type(screen.getByLabelText('At most, µm'), '350')
  await userEvent.type(screen.getByLabelText('Source and page'), 'manual, 12')
  await userEvent.click(screen.getByLabelText(/checked it against/))
  await userEvent.click(screen.getByRole('button', { name: 'Save the figure' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({
    sourceKind: 'COMPONENT',
    most: 350,
    document: 'manual, 12',
    compared: true,
    version: 0,
  })
})

it('says until when a part is good', () => {
  const age: Measurable = { ...limit, id: 'tyre-age', name: 'Age of the tyre', unit: 'YEAR', age: true, max: 10 }
  card(
    {
      ...wing,
      limitId: 'tyre-age',
      points: [{ ...point('left', 17.6, undefined), unit: 'YEAR', madeOn: '2009-04-05', expiresOn: '2019-04-05' }],
    },
    age,
  )
  expect(screen.getByText(/left: April 2009, 17.6 years, due 5 April 2019/)).toBeInTheDocument()
})

it('shows what stands beside the figure that decides, and says which reading is wrong', async () => {
  const path = 'POST /api/projects/car/readings/1%2C2/wrong'
  server.when(path, undefined)
  const figure = (sourceKind: 'COMPONENT' | 'PUBLIC', most: number) => ({
    id: sourceKind,
    limitId: limit.id,
    sourceKind,
    most,
    document: 'page 3',
    compared: true,
    version: 0,
  })
  card(wing, { ...limit, figures: [figure('COMPONENT', 300), figure('PUBLIC', 500)] })
  expect(screen.getByText('Also: Public rule, 500 (page 3).')).toBeInTheDocument()
  await userEvent.click(screen.getByText('Mark a reading wrong'))
  await userEvent.selectOptions(screen.getByLabelText('Which one?'), '1,2')
  await userEvent.click(screen.getByRole('button', { name: 'Mark it wrong' }))
  expect(await screen.findByText('Fill this in.')).toBeInTheDocument()
  expect(server.writes(path)).toHaveLength(0)
  await userEvent.type(screen.getByLabelText('Why it is wrong'), 'Probe on a screw')
  await userEvent.click(screen.getByRole('button', { name: 'Mark it wrong' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toEqual({ because: 'Probe on a screw' })
})

it('asks what it has where that decides', () => {
  card({ ...wing, judged: { ...wing.judged!, outcome: 'NOT_JUDGED', why: 'WHAT_IT_HAS' } })
  expect(screen.getByRole('link', { name: 'Say what is fitted' })).toHaveAttribute('href', '/p/car/walk/equipment')
})

it('says by how much it is to be set', () => {
  const judged = {
    ...wing.judged!,
    value: 0.3,
    margin: -0.044,
    why: 'BELOW' as const,
    rework: { least: 0.044, most: 0.2 },
  }
  card({ ...wing, judged }, { ...limit, unit: 'MILLIMETRE' })
  expect(screen.getByText(/Increase it by 0.044 to 0.2 mm/)).toBeInTheDocument()
})

it('says how far it is to come down where nothing else bounds it', () => {
  const judged = { ...wing.judged!, rework: { least: -605 } }
  card({ ...wing, judged })
  expect(screen.getByText(/Reduce it by at least 605 µm/)).toBeInTheDocument()
})
