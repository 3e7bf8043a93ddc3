import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { server } from '@/test/server'
import { show } from '@/test/page'
import { YearPage } from './YearPage'

const session = (id: string, workedOn: string, minutes: number, done: string) => ({
  id,
  workedOn,
  done,
  learned: id === 'a' ? 'Heat first.' : '',
  person: 'Ada',
  work: [{ jobId: 'j', minutes }],
})

it('looks back on a year: hours, jobs, money that adds up, month by month', async () => {
  server
    .when('GET /api/projects/car/work-sessions', [
      session('a', '2025-03-04', 120, 'Sill cut out.'),
      session('b', '2025-03-11', 60, 'Sill tacked.'),
      session('c', '2026-01-05', 90, 'Door hung.'),
    ])
    .when('GET /api/projects/car/jobs', {
      jobs: [
        { id: 'j', title: 'Sill', over: true, finishedOn: '2025-03-11' },
        { id: 'k', title: 'Door', over: true, finishedOn: '2026-01-05' },
      ],
    })
    .when('GET /api/projects/car/totals', {
      by: 'SYSTEM',
      openingMinor: 10_000,
      closingMinor: 16_300,
      groups: [{ key: 'STRUCTURE', jobId: 'j', title: 'Sill', baseMinor: 6_300 }],
    })
  show(<YearPage />, '/p/car/money/year?year=2025', '/p/:projectId/money/year')
  expect(await screen.findByText(/^3 h in 2 sessions, one job finished; €63.00 spent/)).toBeVisible()
  expect(await screen.findByText('The dearest job: Sill, €63.00.')).toBeVisible()
  const log = screen.getByText(/^March 2025: 3 h/).closest('section')!
  expect(within(log).getAllByRole('listitem')[0]).toHaveTextContent(/Sill cut out.*Learned: Heat first/)
  expect(screen.queryByText('Door hung.')).toBeNull()
  await userEvent.selectOptions(screen.getByLabelText('Year'), '2026')
  expect(await screen.findByText('Door hung.')).toBeVisible()
})
