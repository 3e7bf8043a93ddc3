import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { server } from '@/test/server'
import { show } from '@/test/page'
import { WithAndWithout } from './WithAndWithout'

const sums = (more: object = {}) => ({
  currency: 'EUR',
  cashMinor: 443_435,
  toolsMinor: 0,
  withoutToolsMinor: 443_435,
  stockMinor: 3_800,
  wouldCostOthersMinor: 447_235,
  minutes: 3720,
  hourMinor: 0,
  labourMinor: 0,
  withLabourMinor: 447_235,
  fromStock: [{ id: 'u1', title: 'Heater hose', worthMinor: 2_400, usedOn: '2026-11-03' }],
  ...more,
})

beforeEach(() => server.when('GET /api/workshop-tools', { currency: 'EUR', sumMinor: 0, tools: [] }))

it('sets the totals beside each other and says what is missing for the hours', async () => {
  server.when('GET /api/projects/car/with-and-without', sums())
  show(<WithAndWithout projectId="car" />)
  expect(await screen.findByText('€4,472.35')).toBeVisible()
  expect(screen.getByText('€4,434.35')).toBeVisible()
  expect(screen.getByText(/your 62 h are counted too/)).toBeVisible()
  expect(screen.queryByText(/Without the tools/)).toBeNull()
})

it('writes down what one had, and takes it back', async () => {
  server
    .when('GET /api/projects/car/with-and-without', sums({ hourMinor: 6000, labourMinor: 372_000, toolsMinor: 900 }))
    .when('GET /api/projects/car/jobs', { jobs: [] })
    .when('POST /api/projects/car/own-stock', undefined)
    .when('DELETE /api/projects/car/own-stock/u1', undefined)
  show(<WithAndWithout projectId="car" />)
  expect(await screen.findByText(/And with your 62 h at a workshop’s €60.00 an hour/)).toBeVisible()
  expect(screen.getByText(/Without the tools you keep \(€9.00\)/)).toBeVisible()
  await userEvent.click(screen.getByText('From your own stock'))
  await userEvent.click(screen.getByRole('button', { name: /Remove.*Heater hose/ }))
  await userEvent.click(screen.getByRole('button', { name: 'Used something you had' }))
  await userEvent.type(screen.getByLabelText('What it was'), 'Wheel nuts')
  await userEvent.type(screen.getByLabelText('What it would cost to buy, in EUR'), '14')
  await userEvent.click(screen.getByRole('button', { name: 'Write it down' }))
  const sent = server.sent.find((s) => s.method === 'POST')
  expect(sent?.body).toMatchObject({ title: 'Wheel nuts', worthMinor: 1400 })
  expect(sent?.body).not.toHaveProperty('jobId')
})

it('lets the workshop keep a tool, and give it back to the car', async () => {
  server
    .when('GET /api/projects/car/with-and-without', sums({ toolsMinor: 9_000 }))
    .when('GET /api/workshop-tools', {
      currency: 'EUR',
      sumMinor: 2_500,
      tools: [{ id: 'e1', vehicleName: 'Ondrel 350', description: 'Puller', movedOn: '2026-11-03', paidMinor: 2_500 }],
    })
    .when('POST /api/projects/car/workshop-tools', {})
    .when('POST /api/entries/e1/reversal', {})
  show(<WithAndWithout projectId="car" />)
  await userEvent.click(await screen.findByText('Tools of the workshop, which no car bears (€25.00)'))
  await userEvent.click(screen.getByRole('button', { name: 'Back on the car: Puller' }))
  expect(server.writes('POST /api/entries/e1/reversal')).toHaveLength(1)
  await userEvent.click(screen.getByRole('button', { name: 'A tool stays in the workshop' }))
  await userEvent.type(screen.getByLabelText('Which tool'), 'Spring compressor')
  await userEvent.type(screen.getByLabelText('What this car paid for it, in EUR'), '60')
  await userEvent.click(screen.getByRole('button', { name: 'The workshop keeps it' }))
  expect(server.writes('POST /api/projects/car/workshop-tools')[0]?.body).toMatchObject({
    description: 'Spring compressor',
    minor: 6_000,
  })
})
