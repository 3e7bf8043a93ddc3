import { screen, waitFor, within } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { SentOutPage } from './SentOutPage'

const sentOut = (row: object, more: object = {}) => ({
  late: false,
  missing: 0,
  offers: [],
  row: {
    id: 'f',
    title: 'Coat the frame',
    pieces: 9,
    awayDays: 10,
    carGoes: false,
    mask: [],
    carrier: '',
    note: '',
    version: 3,
    ...row,
  },
  ...more,
})
let at = '/p/car/plan/sent-out'
beforeEach(() => {
  at = '/p/car/plan/sent-out'
})
const open = (...sentOutWork: object[]) => {
  server.when('GET /api/projects/car/sent-out', { sentOutWork, thousandKmMinor: 25_000, hourMinor: 1000 })
  server.when('GET /api/projects/car/appointments', []).when('GET /api/projects/car/jobs', { jobs: [] })
  show(<SentOutPage />, at, '/p/:projectId/plan/sent-out')
}

it('names the job that stands in the way, and compares offers with the way there', async () => {
  open(
    sentOut(
      { state: 'TO_SEND', mask: ['6 threads'] },
      {
        blockedBy: 'Weld the lug',
        offers: [
          {
            offer: {
              id: '1',
              carrier: 'Coater A',
              priceMinor: 14000,
              km: 48,
              minutes: 60,
              days: 9,
              seen: true,
              refused: '',
            },
            totalMinor: 16200,
            atMostMinor: 16200,
          },
          {
            offer: {
              id: '2',
              carrier: 'Coater B',
              priceMinor: 1,
              km: 1,
              minutes: 1,
              days: 1,
              seen: true,
              refused: 'no room',
            },
            totalMinor: 2,
            atMostMinor: 2,
          },
        ],
      },
    ),
  )
  expect(await screen.findByText(/can’t go until “Weld the lug” is finished/)).toBeInTheDocument()
  expect(screen.getByText(/€162.00/)).toBeInTheDocument()
  expect(screen.getByText(/declined: no room/)).toBeInTheDocument()
  expect(screen.queryByRole('button', { name: 'It goes out today' })).not.toBeInTheDocument()
})

it('counts what comes back and asks where the missing ones are', async () => {
  const path = 'POST /api/sent-out/f/back'
  server.when(path, undefined)
  open(sentOut({ state: 'AWAY', carrier: 'Coater A', expectedOn: '2026-03-01' }, { late: true }))
  expect(await screen.findByText(/was due back on 1 March/)).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText('Count them back: 9 went out'), '8')
  await userEvent.type(screen.getByLabelText('Where are the missing ones?'), 'by post')
  await userEvent.click(screen.getByRole('button', { name: 'Counted back in' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toEqual({ piecesBack: 8, note: 'by post', version: 3 })
})

it('sends out on the days on which somebody is there', async () => {
  at = '/p/car/plan/sent-out?send=new'
  const path = 'POST /api/projects/car/sent-out'
  server.when(path, undefined)
  open()
  server.when('GET /api/projects/car/jobs', { jobs: [] })
  await userEvent.type(await screen.findByLabelText('What is to be done'), 'Wheels to the coater')
  await userEvent.click(screen.getByLabelText('Sunday'))
  await userEvent.click(within(screen.getByRole('dialog')).getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({
    title: 'Wheels to the coater',
    pieces: 1,
    awayDays: 10,
    aim: 'DRIVER',
    openOn: { days: ['MONDAY', 'TUESDAY', 'WEDNESDAY', 'THURSDAY', 'FRIDAY', 'SATURDAY'] },
  })
})
