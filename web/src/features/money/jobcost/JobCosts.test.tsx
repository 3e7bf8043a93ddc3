import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { JobCosts } from './JobCosts'

const line = (title: string, done: boolean, thoughtMinor: number, paidMinor: number) => ({
  jobId: title,
  title,
  done,
  thoughtMinor,
  askedMinor: 0,
  paidMinor,
  dearerMinor: paidMinor - thoughtMinor,
})

it('says by what factor one thought wrong, and of which job by how much', async () => {
  server.when('GET /api/projects/car/job-costs', {
    currency: 'EUR',
    jobs: [
      line('Sill', true, 10_000, 11_800),
      line('Pads', true, 5_000, 4_400),
      line('Hood', false, 9_000, 100),
      line('Clips', true, 0, 700),
    ],
    told: 2,
    thoughtMinor: 15_000,
    paidMinor: 16_200,
    factor: 1.08,
  })
  show(<JobCosts projectId="car" />)
  expect(await screen.findByText(/^The 2 jobs that are done cost €162.00, .*€150.00: 1.08 times/)).toBeVisible()
  await userEvent.click(screen.getByText('All jobs with an amount'))
  expect(screen.getByRole('row', { name: /Sill/ })).toHaveTextContent('€18.00 more')
  expect(screen.getByRole('row', { name: /Pads/ })).toHaveTextContent('€6.00 less')
  expect(screen.getByRole('row', { name: /Hood/ })).toHaveTextContent('not done yet')
  expect(screen.getByRole('row', { name: /Clips/ })).toHaveTextContent('nobody thought of it')
})

it('says so where nothing is done yet', async () => {
  server.when('GET /api/projects/car/job-costs', {
    currency: 'EUR',
    jobs: [line('Hood', false, 9_000, 0)],
    told: 0,
    thoughtMinor: 0,
    paidMinor: 0,
  })
  show(<JobCosts projectId="car" />)
  expect(await screen.findByText('No job is done yet whose cost was thought of before.')).toBeVisible()
})
