import { useQuery } from '@tanstack/react-query'
import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { afterEach, expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { unitsQuery } from '@/api/queries'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { chooseUnit } from '@/ui/format/units'
import { TravelRates } from './TravelRates'

/** As behind the gate, which waits for the units. */
function Rates(rates: Schemas['RatesBody']) {
  return useQuery(unitsQuery).data ? <TravelRates {...rates} /> : null
}

const saved = 'PUT /api/travel-rates'
const rates = () => server.writes(saved).map((w) => w.body)

afterEach(() => chooseUnit('distance', 'KILOMETRE'))

it('keeps what a kilometre costs, for a thousand of them', async () => {
  server.when(saved, {})
  show(<Rates thousandKmMinor={0} hourMinor={0} />)
  await userEvent.type(await screen.findByLabelText('Cost per kilometre'), '0.25')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(rates()).toEqual([{ thousandKmMinor: 25_000, hourMinor: 0 }]))
})

/** A mile is 1609.344 m (NIST SP 811, appendix B.8). */
it('asks of whoever reads miles what a mile costs, and says it again as it was said', async () => {
  chooseUnit('distance', 'MILE')
  server.when(saved, {}).when('GET /api/units', [
    { unit: 'KILOMETRE', factor: 1000, zero: 0 },
    { unit: 'MILE', factor: 1609.344, zero: 0 },
  ])
  const page = show(<Rates thousandKmMinor={0} hourMinor={0} />)
  const price = await screen.findByLabelText('Cost per mile')
  await userEvent.type(price, '0.67')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(rates()).toEqual([{ thousandKmMinor: 41_632, hourMinor: 0 }]))
  page.unmount()
  const again = show(<Rates thousandKmMinor={41_632} hourMinor={1000} />)
  expect(await screen.findByLabelText('Cost per mile')).toHaveValue('0.67')
  again.unmount()
  // 0.25 a kilometre reads 0.40 a mile, and stays 0.25 where it is not touched
  show(<Rates thousandKmMinor={25_000} hourMinor={1000} />)
  expect(await screen.findByLabelText('Cost per mile')).toHaveValue('0.40')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(rates().at(-1)).toEqual({ thousandKmMinor: 25_000, hourMinor: 1000 }))
})
