import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { PlanB } from './PlanB'
import type { Job } from '../job/jobWork'

const path = '/api/jobs/a/fallback'

it('keeps what is done instead, how long it takes and what is held for it', async () => {
  server.when(`GET ${path}`, undefined).when(`PUT ${path}`, undefined)
  show(<PlanB job={{ id: 'a' } as Job} />)
  await userEvent.click(await screen.findByText('Add a plan B in case it fails'))
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  expect(await screen.findByText('Fill this in.')).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText('What is done instead'), 'Exchange engine')
  await userEvent.type(screen.getByLabelText('What it costs, EUR'), '900')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes(`PUT ${path}`)).toHaveLength(1))
  expect(server.writes(`PUT ${path}`)[0]!.body).toEqual({ what: 'Exchange engine', leadDays: 14, costMinor: 90000 })
})

it('says what it is, and lets it go', async () => {
  server.when(`GET ${path}`, { what: 'Exchange engine', leadDays: 21, costMinor: 90000 })
  server.when(`DELETE ${path}`, undefined)
  show(<PlanB job={{ id: 'a' } as Job} />)
  expect(await screen.findByText(/“Exchange engine”, 21 days. €900.00 set aside/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Not needed any more' }))
  await waitFor(() => expect(server.writes(`DELETE ${path}`)).toHaveLength(1))
})
