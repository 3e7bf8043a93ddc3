import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { IdentityPage } from './IdentityPage'

const row = (feature: string, expected = '', found = '') => ({ feature, expected, found, foundAt: '', version: 0 })
const sheet = {
  features: [
    { row: row('VEHICLE_NUMBER', 'HP 1', 'HP 1'), standing: 'CONFIRMED', literal: true },
    { row: row('ENGINE_NUMBER', 'E 1', 'E 2'), standing: 'CONTRADICTS', literal: true },
    { row: row('COLOUR_TRACES'), standing: 'UNCHECKED', literal: false },
  ],
  otherwise: [{ id: 'v', name: 'Windscreen', difference: 'the saloon’s is lower' }],
}
const open = () => {
  server.when('GET /api/projects/car/identity', sheet)
  show(<IdentityPage />, '/p/car', '/p/:projectId')
}

it('says first what contradicts the papers, and what nobody checked', async () => {
  open()
  expect(await screen.findByText(/One feature does not match the papers: Engine number/)).toHaveTextContent(
    '1 of 3 confirmed. One not checked',
  )
  expect(screen.getAllByRole('listitem')[0]).toHaveTextContent('papers E 1, vehicle E 2')
})

it('asks a person only where characters cannot be compared', async () => {
  server.when('PUT /api/projects/car/identity/features', undefined)
  open()
  await userEvent.click(await screen.findByRole('button', { name: /Engine number/ }))
  expect(screen.queryByLabelText('Do the two agree?')).not.toBeInTheDocument()
  await userEvent.keyboard('{Escape}')
  await userEvent.click(screen.getByRole('button', { name: /Traces of the original colour/ }))
  await userEvent.type(screen.getByLabelText('According to the papers'), 'dark green')
  await userEvent.type(screen.getByLabelText('Found on the car'), 'red under the badge')
  await userEvent.selectOptions(screen.getByLabelText('Do the two agree?'), 'no')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes('PUT /api/projects/car/identity/features')).toHaveLength(1))
  expect(server.writes('PUT /api/projects/car/identity/features')[0]!.body).toMatchObject({
    feature: 'COLOUR_TRACES',
    agrees: false,
  })
})
