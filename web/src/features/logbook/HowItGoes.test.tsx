import { screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { HowItGoes } from './HowItGoes'

it('tells hours from months, says that it stands still, and what hours usually become', async () => {
  server.when('GET /api/projects/car/progress', {
    firstOn: '2024-06-01',
    lastOn: '2026-02-01',
    minutes: 295 * 60,
    months: 21,
    hoursPerMonth: 295 / 21,
    dormantDays: 31,
    finishedJobs: 9,
    factor: 1.214,
    byOperation: [{ operation: 'WELD', jobs: 3, likelyMinutes: 600, spentMinutes: 900 }],
  })
  show(<HowItGoes projectId="car" />)
  expect(await screen.findByText(/295 h in 21 months: 14.0 h a month/)).toBeInTheDocument()
  expect(screen.getByText(/No evening for 31 days/)).toBeInTheDocument()
  expect(screen.getByText(/9 finished jobs.*1.21 times/)).toBeInTheDocument()
  expect(screen.getByText('15 h')).toBeInTheDocument()
})

it('says nothing while nobody has worked', () => {
  server.when('GET /api/projects/car/progress', undefined)
  const { container } = show(<HowItGoes projectId="car" />)
  expect(container.querySelector('section')).toBeNull()
})
