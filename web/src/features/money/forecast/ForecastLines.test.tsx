import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { ForecastLines } from './ForecastLines'
import type { Forecast } from './queries'

const line = (kind: string, about: string, low: number, likely: number, high: number, more: object = {}) => ({
  kind,
  about,
  lowMinor: low,
  likelyMinor: likely,
  highMinor: high,
  setAside: false,
  ...more,
})
const forecast = {
  currency: 'EUR',
  unseenPlaces: 12,
  roadUnknown: false,
  lines: [
    line('SPENT', '', 1000, 1000, 1000),
    line('UNSEEN', '', 20_000, 60_000, 110_000),
    line('FORGOTTEN', 'tools', 0, 4_000, 10_000),
    line('FORGOTTEN', 'trips', 5_000, 5_000, 5_000, { setAside: true }),
    line('RUNNING', 'Storage', 12_000, 24_000, 30_000),
  ],
  running: [{ id: 'r', name: 'Storage', perMonthMinor: 4000, fromOn: '2026-11-01' }],
} as unknown as Forecast

const group = async (title: RegExp) => {
  const summary = await screen.findByText(title)
  await userEvent.click(summary)
  return summary.closest('details')!
}

it('lays each guess open, and takes a sum of one’s own for an extra', async () => {
  server.when('PUT /api/projects/car/forecast/allowances/tools', undefined)
  show(<ForecastLines projectId="car" forecast={forecast} />)
  expect((await group(/12 places not fully seen/)).textContent).toContain('€200 to €1,100')
  const forgotten = await group(/Extras nobody writes down/)
  expect(forgotten.textContent).toContain('€50 to €150')
  expect(within(forgotten).getByText('your sum')).toBeVisible()
  await userEvent.click(within(forgotten).getByRole('button', { name: /Change.*Tools/ }))
  await userEvent.type(within(forgotten).getByLabelText(/Set aside, in EUR/), '150')
  await userEvent.click(within(forgotten).getByRole('button', { name: 'Set it aside' }))
  expect(server.writes('PUT /api/projects/car/forecast/allowances/tools')[0]!.body).toMatchObject({ minor: 15_000 })
})

it('counts what runs by the month, and takes another', async () => {
  server.when('POST /api/projects/car/running-costs', undefined)
  show(<ForecastLines projectId="car" forecast={forecast} />)
  const running = await group(/Monthly costs until the road/)
  expect(running.textContent).toContain('Storage, €40.00 a month')
  await userEvent.type(within(running).getByLabelText('What'), 'Insurance')
  await userEvent.type(within(running).getByLabelText('A month, in EUR'), '12.50')
  await userEvent.click(within(running).getByRole('button', { name: 'Add it' }))
  expect(server.writes('POST /api/projects/car/running-costs')[0]!.body).toMatchObject({
    name: 'Insurance',
    perMonthMinor: 1250,
  })
})
