import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { AgainstThePlan } from './AgainstThePlan'
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
    earned: {
      wholeMinutes: 12960,
      earnedMinutes: 5280,
      spentMinutes: 6240,
      restAsThoughtMinutes: 7680,
      restLikeSoFarMinutes: 9076,
      endLikeSoFarMinutes: 15316,
    },
    baseline: {
      keptOn: '2025-12-01',
      plannedMinutes: 2400,
      earnedMinutes: 1860,
      lateDays: 23,
      overdue: ['Weld the sill'],
    },
    byOperation: [{ operation: 'WELD', jobs: 3, likelyMinutes: 600, spentMinutes: 900 }],
    standstills: [
      { since: '2025-03-01', until: '2025-04-10', days: 40, cause: 'ILLNESS' },
      { since: '2025-06-01', until: '2025-07-26', days: 55 },
    ],
    daysByCause: [{ cause: 'ILLNESS', days: 40 }],
  })
  server.when('PUT /api/projects/car/progress/standstills', undefined)
  show(<HowItGoes projectId="car" />)
  expect(await screen.findByText(/295 h in 21 months: 14.0 h a month/)).toBeInTheDocument()
  expect(screen.getByText(/No session for 31 days/)).toBeInTheDocument()
  expect(screen.getByText(/9 finished jobs.*1.21 times/)).toBeInTheDocument()
  expect(screen.getByText(/Of 216 h thought for all jobs, 88 h are done; they took 104 h/)).toHaveTextContent(
    /151 h if it goes like so far: 255 h in the end/,
  )
  expect(screen.getByText(/You are 23 days behind the baseline of 1 December 2025/)).toHaveTextContent(
    '40 h of work were to be finished by now; 31 h are.',
  )
  await userEvent.click(screen.getByText('One job was to be finished by now'))
  expect(screen.getByText('Weld the sill')).toBeVisible()
  expect(screen.getByText('15 h')).toBeInTheDocument()
  expect(screen.getByText('95 days without work (illness: 40 days)')).toBeInTheDocument()
  await userEvent.selectOptions(screen.getByLabelText(/1 June 2025 to 26 July 2025, 55 days: why/), 'no money')
  await waitFor(() =>
    expect(server.writes('PUT /api/projects/car/progress/standstills')[0]?.body).toEqual({
      since: '2025-06-01',
      cause: 'MONEY',
    }),
  )
})

it('says nothing while nobody has worked', () => {
  server.when('GET /api/projects/car/progress', undefined)
  const { container } = show(<HowItGoes projectId="car" />)
  expect(container.querySelector('section')).toBeNull()
})

it.each([
  [0, 'You are where the baseline of 1 December 2025 has you by now.'],
  [-1, 'You are a day ahead of the baseline of 1 December 2025.'],
])('is not late by %s days', (lateDays, says) => {
  show(<AgainstThePlan plan={{ keptOn: '2025-12-01', plannedMinutes: 0, earnedMinutes: 0, lateDays, overdue: [] }} />)
  expect(screen.getByText(says)).toBeVisible()
})
