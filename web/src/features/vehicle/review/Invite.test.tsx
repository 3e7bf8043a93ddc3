import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { session, show } from '@/test/page'
import { server } from '@/test/server'
import { Invite } from './Invite'

it('makes a link that others can open, where phones are let in', async () => {
  server
    .when('GET /api/session', { ...session, lanUrl: 'https://192.0.2.7:8480' })
    .when('GET /api/projects/car/links', [])
    .when('POST /api/projects/car/links', { path: '/review#abc' })
  show(<Invite projectId="car" />)
  await userEvent.click(await screen.findByRole('button', { name: 'Make a link' }))
  expect(await screen.findByText('https://192.0.2.7:8480/review#abc')).toBeInTheDocument()
  expect(screen.getByText(/on your network/)).toBeInTheDocument()
})
