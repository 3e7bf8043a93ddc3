import { screen, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { server } from '@/test/server'
import { show } from '@/test/page'
import { HowFarPage } from './HowFarPage'

const far = (jobs: number, jobsDone: number, thought: number, done: number, spent: number) => ({
  jobs,
  jobsDone,
  thoughtMinutes: thought,
  earnedMinutes: done,
  leftMinutes: thought - done,
  spentMinutes: spent,
  percent: Math.round((100 * done) / thought),
})
const zone = (id: string) => ({ id, view: 'left', outline: 'M0 0h10v10z', markX: 5, markY: 5 })

beforeEach(() => {
  server.when('GET /api/projects/car/drawing', {
    zones: [zone('sill-left'), zone('door-left')],
    views: [{ id: 'left', name: 'Left side', width: 100, height: 50, row: 0, column: 0, mirrored: false, details: [] }],
  })
})

it('fills each place as far as its work is done, and says it in words', async () => {
  server.when('GET /api/projects/car/progress', {
    whole: far(5, 2, 1000, 430, 600),
    places: [{ zone: 'sill-left', ...far(3, 1, 400, 100, 120) }],
    phases: [
      { phase: 'STRUCTURE', ...far(3, 3, 400, 400, 480) },
      { phase: 'REFIT', ...far(2, 1, 600, 30, 120) },
    ],
  })
  const { container } = show(<HowFarPage />)
  expect(await screen.findByText(/^43 % of the work is done, 2 of 5 jobs; about 10 h are left\./)).toBeVisible()
  expect(screen.getByText(/First with something left: Refit, 1 of 2 jobs done/)).toBeVisible()
  const [sill] = await screen.findAllByRole('button', { name: /: 1 of 3 jobs done\.$/ })
  expect(container.querySelector('#done-left-sill-left stop')).toHaveAttribute('offset', '0.25')
  expect(container.querySelector('#done-left-door-left'), 'nothing to do there').toBeNull()
  await userEvent.click(sill!)
  expect(within(screen.getByRole('status')).getByRole('link', { name: 'To the jobs' })).toBeVisible()
  const row = screen.getByRole('row', { name: /Structure/ })
  expect(row).toHaveTextContent('3 of 3')
  expect(row).toHaveTextContent('100 %')
})

it('says what to do while nobody has worked on it', async () => {
  server.when('GET /api/projects/car/progress', undefined)
  show(<HowFarPage />)
  expect(await screen.findByText('Nobody has worked on it yet.')).toBeVisible()
  expect(screen.getByRole('link', { name: /Write down the first one/ })).toBeVisible()
})
