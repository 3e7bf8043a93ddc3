import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { ProjectOrder } from './ProjectOrder'

const car = (id: string, state = 'ACTIVE') => ({ id, vehicleName: `Car ${id}`, state }) as Schemas['Project']

it('moves a car before the one above, and leaves out those that rest', async () => {
  server.when('PUT /api/projects/order', undefined)
  show(<ProjectOrder projects={[car('a'), car('rests', 'RESTING'), car('b'), car('c')]} />)
  expect(screen.queryByText('Car rests')).not.toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Car c: move up' }))
  await waitFor(() => expect(server.writes('PUT /api/projects/order')).toHaveLength(1))
  expect(server.writes('PUT /api/projects/order')[0]!.body).toEqual({ ids: ['a', 'c', 'b'] })
})

it('asks nothing while there is only one', () => {
  const { container } = show(<ProjectOrder projects={[car('a'), car('rests', 'RESTING')]} />)
  expect(container).toBeEmptyDOMElement()
})
