import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { Risk } from './Risk'

const base = { done: 10000, runs: 10000, aim: 'ROAD_READY', notBefore: false, dates: [], drivers: [], openings: [] }
const subject = (title: string) => ({ kind: 'JOB', id: title, title })

it('says the date as people do, what moves it, and what opening something would tell', async () => {
  server.when('GET /api/projects/car/risk', {
    ...base,
    state: 'DONE',
    dates: [
      {
        aim: 'ROAD_READY',
        planned: '2027-04-26',
        oneInTen: '2027-04-30',
        fiveInTen: '2027-05-20',
        eightInTen: '2027-06-07',
        nineInTen: '2027-07-01',
      },
    ],
    drivers: [
      { what: subject('Rebuild the engine'), correlation: 0.8 },
      { what: subject('Adjust the door'), correlation: 0.12 },
    ],
    openings: [{ what: subject('Engine out'), narrowerDays: 12, minutes: 300 }],
  })
  show(<Risk projectId="car" />)
  expect(await screen.findByText(/8 in 10 by 7 June/)).toBeVisible()
  expect(document.body.textContent).toMatch(/as likely as not by 20 May( \d+)?; 26 April( \d+)? if all goes as planned/)
  expect(screen.getByText('decides most of it')).toBeVisible()
  expect(screen.getByText('moves it a little')).toBeVisible()
  expect(screen.getByText(/Engine out: 5 h of work.*12 days shorter/)).toBeVisible()
  expect(screen.getByRole('columnheader', { name: '8 in 10', hidden: true })).toBeInTheDocument()
})

it('does not name a date that two in ten runs do not reach', async () => {
  server.when('GET /api/projects/car/risk', {
    ...base,
    state: 'DONE',
    notBefore: true,
    dates: [{ aim: 'ROAD_READY', planned: '2027-04-26', oneInTen: '2027-04-30', fiveInTen: '2028-05-20' }],
  })
  show(<Risk projectId="car" />)
  expect(await screen.findByText(/in more than 2 of 10 runs not within two years/)).toBeVisible()
  expect(screen.getByText(/all of these may be later/)).toBeVisible()
  expect(screen.getByText(/No one job decides it/)).toBeVisible()
})

it('shows how far it is, and can be stopped', async () => {
  let state = 'RUNNING'
  server.when('GET /api/projects/car/risk', () => ({ ...base, state, done: 40 }))
  server.when('DELETE /api/projects/car/risk', () => {
    state = 'STOPPED'
  })
  show(<Risk projectId="car" />)
  expect(await screen.findByRole('progressbar')).toHaveAttribute('value', '40')
  await userEvent.click(screen.getByRole('button', { name: 'Stop' }))
  expect(await screen.findByText(/Stopped/)).toBeVisible()
})

it('is not there without a plan', async () => {
  server.when('GET /api/projects/car/risk', { ...base, state: 'NO_PLAN', done: 0 })
  const { container } = show(<Risk projectId="car" />)
  await new Promise((r) => setTimeout(r, 50))
  expect(container.textContent).not.toContain('How sure')
})
