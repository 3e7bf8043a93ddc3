import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { show } from '@/test/page'
import { Refusal, server } from '@/test/server'
import { BidPage } from './BidPage'
import type { Buying } from './buying'

const inputs = {
  askedMinor: 520000,
  askedLess: 1000,
  title: 'CLEAN' as const,
  titleLow: 10000,
  titleHigh: 10000,
  ownHourMinor: 0,
  allowanceMinor: 0,
  marginMinor: 50000,
  feeShare: 0,
  feeMinor: 0,
  freightMinor: 0,
  insuranceMinor: 0,
  dutyShare: 0,
  taxShare: 0,
  inlandMinor: 0,
  registrationMinor: 0,
  rarity: '',
  version: 3,
}
const weighed: Buying = {
  inputs,
  titles: [
    { title: 'CLEAN', usual: { lowBasisPoints: 10000, highBasisPoints: 10000 } },
    { title: 'REBUILT', usual: { lowBasisPoints: 7500, highBasisPoints: 8500 } },
  ],
  comparables: [],
  market: { median: 756000, low: 690000, high: 860000 },
  lacks: [],
  advice: {
    word: 'BID_UP_TO',
    ceiling: {
      price: 103000,
      atLow: 103000,
      atHigh: 103000,
      value: 756000,
      repair: 603000,
      costs: [],
      margin: 50000,
      rest: 0,
    },
    lowered: [],
    movers: [{ input: 'UNSEEN', title: 'sill-left', atWorst: 20000, atBest: 130000 }],
    looks: [{ place: 'sill-left', worth: 9000 }],
  },
  breakEven: 1123000,
  restsOn: [
    {
      place: 'sill-left',
      probability: 0.6,
      optimisticMinor: 20000,
      likelyMinor: 90000,
      pessimisticMinor: 160000,
      othersPay: false,
    },
  ],
}

beforeEach(() => {
  server
    .when('GET /api/projects/car/buying', weighed)
    .when('GET /api/projects/car/findings', [])
    .when('GET /api/projects/car', { id: 'car', bodyStyle: 'ESTATE', state: 'LOOKING' })
    .when('GET /api/projects/car/drawing', {
      style: 'ESTATE',
      views: [],
      zones: [{ id: 'sill-left', name: 'Sill', side: 'LEFT' }],
    })
})
const open = () => show(<BidPage />, '/p/car/buying', '/p/:projectId/buying')

it('says the answer first, then the sum that makes it', async () => {
  open()
  expect(await screen.findByText(/Bid up to €1,000/)).toBeInTheDocument()
  expect(screen.getByText(/€4,150 below the asking price/)).toBeInTheDocument()
  const row = (name: RegExp) => screen.getByRole('row', { name })
  expect(row(/Value when finished/)).toHaveTextContent('€7,560.00')
  expect(row(/Repairs and hidden damage/)).toHaveTextContent('-€6,030.00')
  await userEvent.click(screen.getByText('Repairs and hidden damage, 8 in 10'))
  expect(screen.getByText(/Unseen: Sill, left · 60 in 100/).closest('li')).toHaveTextContent('€200 to €1,600')
  expect(row(/^Top bid/)).toHaveTextContent('€1,030.00')
  expect(await screen.findByText(/Sill, left: up to €90/)).toBeInTheDocument()
})

it('asks what for above the ceiling, and sends it', async () => {
  server.when('POST /api/projects/car/buying/purchase', undefined)
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'I bought it' }))
  await userEvent.type(screen.getByLabelText('Paid, EUR'), '1,030.00')
  expect(screen.queryByLabelText('What for')).not.toBeInTheDocument()
  await userEvent.clear(screen.getByLabelText('Paid, EUR'))
  await userEvent.type(screen.getByLabelText('Paid, EUR'), '1500')
  await userEvent.selectOptions(screen.getByLabelText('What for'), 'LEARNING')
  await userEvent.type(screen.getByLabelText(/The reason/), 'to weld')
  await userEvent.click(screen.getByRole('button', { name: 'Bought: start the project' }))
  await waitFor(() => expect(server.writes('POST /api/projects/car/buying/purchase')).toHaveLength(1))
  expect(server.writes('POST /api/projects/car/buying/purchase')[0]!.body).toEqual({
    priceMinor: 150000,
    purpose: 'LEARNING',
    reason: 'to weld',
    entryId: expect.stringMatching(/^[0-9a-f-]{36}$/) as string,
  })
})

it('takes the usual range of a title, keeps the version, and refuses a share above the whole', async () => {
  server.when('PUT /api/projects/car/buying', undefined)
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'Change the figures' }))
  await userEvent.selectOptions(screen.getByLabelText('Title and papers'), 'REBUILT')
  await userEvent.type(screen.getByLabelText('Duty, %'), '00')
  await userEvent.clear(screen.getByLabelText('Import tax, %'))
  await userEvent.type(screen.getByLabelText('Import tax, %'), '101')
  await userEvent.click(screen.getByRole('button', { name: 'Save the figures' }))
  expect(await screen.findByText(/between 0 and 100 %/)).toBeInTheDocument()
  await userEvent.clear(screen.getByLabelText('Import tax, %'))
  await userEvent.click(screen.getByRole('button', { name: 'Save the figures' }))
  await waitFor(() => expect(server.writes('PUT /api/projects/car/buying')).toHaveLength(1))
  expect(server.writes('PUT /api/projects/car/buying')[0]!.body).toMatchObject({
    title: 'REBUILT',
    titleLow: 7500,
    titleHigh: 8500,
    taxShare: 0,
    askedMinor: 520000,
    version: 3,
  })
})

it('teaches what is missing before there is a ceiling', async () => {
  server.when('GET /api/projects/car/buying', {
    inputs,
    titles: [],
    comparables: [],
    lacks: ['COMPARABLES', 'WORKSHOP_HOUR'],
  })
  open()
  expect(await screen.findByText('No top bid yet.')).toBeInTheDocument()
  expect(screen.getByRole('link', { name: /garage’s settings/ })).toHaveAttribute('href', '/garage')
})

it('shows at its field why a like car was refused and keeps what was typed', async () => {
  server.when(
    'POST /api/projects/car/buying/comparables',
    new Refusal(422, { code: 'title.missing', field: 'title', detail: 'Type the title again.' }),
  )
  open()
  await userEvent.click(await screen.findByRole('button', { name: 'Add a comparable car' }))
  expect(await screen.findByText('Fill this in.')).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText('What and where'), 'Estate, 1972')
  await userEvent.type(screen.getByLabelText('Price, EUR'), '8600')
  await userEvent.click(screen.getByRole('button', { name: 'Add a comparable car' }))
  await waitFor(() =>
    expect(screen.getByLabelText('What and where')).toHaveAccessibleDescription('Type the title again.'),
  )
  expect(screen.queryByRole('alert')).not.toBeInTheDocument()
  expect(screen.getByLabelText('Price, EUR')).toHaveValue('8600')
})
