import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { show } from '@/test/page'
import { Refusal, server } from '@/test/server'
import { PaperPage } from './PaperPage'

beforeEach(() => {
  server
    .when('GET /api/projects/car', { id: 'car', bodyStyle: 'ESTATE', vehicleName: 'Pipit' })
    .when('GET /api/bodies/ESTATE', { style: 'ESTATE', views: [], zones: [] })
    .when('GET /api/projects/car/checks', {
      edition: 'E862',
      checks: [
        { id: 'a', how: 'Compare the numbers.' },
        { id: 'b', how: 'Tap the sill.' },
      ],
      steps: [
        { checkId: 'a', place: 'papers', seen: 'GOOD' },
        { checkId: 'b', place: 'sill-left', zone: 'sill-left' },
      ],
    })
  show(<PaperPage />, '/p/car/walk/paper', '/p/:projectId/walk/paper')
})

it('keeps the numbers of the sheet when only what is left is printed', async () => {
  expect(await screen.findByText(/Edition E862/)).toBeInTheDocument()
  expect(screen.getByText('Tap the sill.').closest('li')).toHaveTextContent(/^2/)
  await userEvent.click(screen.getByLabelText('Only what has no answer yet'))
  expect(screen.queryByText('Compare the numbers.')).not.toBeInTheDocument()
  expect(screen.getByText('Tap the sill.').closest('li')).toHaveTextContent(/^2/)
})

it('types a sheet in and records its findings in one press', async () => {
  server
    .when('POST /api/projects/car/sheet', {
      kept: 2,
      findings: [{ zone: 'sill-left', checkId: 'b', kind: 'RUST_THROUGH' }],
    })
    .when('POST /api/projects/car/findings/batch', undefined)
  await userEvent.type(await screen.findByLabelText(/Edition at the top/), 'e862')
  await userEvent.type(screen.getByLabelText('Numbers and letters'), '1g 2b')
  await userEvent.click(screen.getByRole('button', { name: 'Keep them' }))
  expect(await screen.findByText(/One mark says that something is wrong/)).toBeInTheDocument()
  expect(screen.getByLabelText('Numbers and letters')).toHaveValue('')
  await userEvent.click(screen.getByRole('button', { name: 'Record them' }))
  await waitFor(() => expect(server.writes('POST /api/projects/car/findings/batch')).toHaveLength(1))
  expect(server.writes('POST /api/projects/car/findings/batch')[0]!.body).toMatchObject({
    findings: [{ fields: { zone: 'sill-left', kind: 'RUST_THROUGH', checkId: 'b' } }],
  })
})

it('keeps what was typed when a mark cannot be read', async () => {
  server.when(
    'POST /api/projects/car/sheet',
    new Refusal(422, { code: 'sheet.unread', detail: '“9x” cannot be read.' }),
  )
  await userEvent.type(await screen.findByLabelText(/Edition at the top/), 'E862')
  await userEvent.type(screen.getByLabelText('Numbers and letters'), '1g 9x')
  await userEvent.click(screen.getByRole('button', { name: 'Keep them' }))
  expect(await screen.findByText(/“9x” cannot be read/)).toBeInTheDocument()
  expect(screen.getByLabelText('Numbers and letters')).toHaveValue('1g 9x')
})
