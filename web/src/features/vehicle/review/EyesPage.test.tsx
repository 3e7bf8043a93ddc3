import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { EyesPage } from './EyesPage'

const remark = (id: string, about: object, state: string) => ({
  id,
  projectId: 'car',
  linkId: 'l',
  author: 'Bela',
  words: `words of ${id}`,
  saidAt: '2026-03-02T10:00:00Z',
  state,
  reason: state === 'UNCONFIRMED' ? '' : 'looked',
  version: 0,
  ...about,
})

beforeEach(() => {
  server
    .when('GET /api/projects/car', { id: 'car', bodyStyle: 'ESTATE' })
    .when('GET /api/projects/car/drawing', {
      style: 'ESTATE',
      views: [],
      zones: [{ id: 'belts', name: 'Seat belts', side: 'NONE' }],
    })
    .when('GET /api/projects/car/findings', [{ id: 'f', kind: 'LEAK', zone: 'belts' }])
    .when('GET /api/projects/car/remarks', [
      remark('r1', { findingId: 'f' }, 'REJECTED'),
      remark('r2', { zone: 'belts' }, 'UNCONFIRMED'),
    ])
    .when('GET /api/projects/car/links', [{ id: 'l', expiresAt: '2026-12-01T00:00:00Z', open: true }])
  show(<EyesPage />, '/p/car/walk/review', '/p/:projectId/walk/review')
})

it('puts what waits first, and accepts it as a finding with a reason', async () => {
  const path = 'POST /api/remarks/r2/decision'
  server.when(path, undefined)
  expect(await screen.findByText('One remark to read.')).toBeInTheDocument()
  const [first, second] = screen.getAllByText(/words of/)
  expect(first).toHaveTextContent('r2')
  expect(second).toHaveTextContent('r1')
  expect(screen.getByText(/rejected: looked/)).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText('Why'), 'He is right')
  await userEvent.click(screen.getByRole('button', { name: 'Accept' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toMatchObject({ accept: true, reason: 'He is right', version: 0 })
  expect(server.writes(path)[0]!.body.findingId).toMatch(/^[0-9a-f-]{36}$/)
})

it('shows the address of a new link once, and withdraws one', async () => {
  server.when('POST /api/projects/car/links', { path: '/review#abc' }).when('POST /api/links/l/revocation', undefined)
  await userEvent.click(await screen.findByRole('button', { name: 'Make a link' }))
  expect(await screen.findByText(`${window.location.origin}/review#abc`)).toBeInTheDocument()
  expect(screen.getByText(/on this computer only/)).toBeInTheDocument()
  expect(server.writes('POST /api/projects/car/links')[0]!.body).toMatchObject({ days: 14 })
  await userEvent.click(screen.getByRole('button', { name: 'Withdraw it' }))
  await waitFor(() => expect(server.writes('POST /api/links/l/revocation')).toHaveLength(1))
})
