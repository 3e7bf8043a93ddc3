import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
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
