import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { show } from '@/test/page'
import { Refusal, server } from '@/test/server'
import { noticeStore } from '@/api/notices'
import { PaperPage } from './PaperPage'

beforeEach(() => {
  server
    .when('GET /api/projects/car', { id: 'car', bodyStyle: 'ESTATE', vehicleName: 'Pipit' })
    .when('GET /api/projects/car/drawing', { style: 'ESTATE', views: [], zones: [] })
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
  await userEvent.click(screen.getByLabelText('Only unanswered checks'))
  expect(screen.queryByText('Compare the numbers.')).not.toBeInTheDocument()
  expect(screen.getByText('Tap the sill.').closest('li')).toHaveTextContent(/^2/)
})

it('types a sheet in and says how many became findings', async () => {
  server.when('POST /api/projects/car/sheet', { kept: 2, failed: 1 })
  await userEvent.type(await screen.findByLabelText(/Edition at the top/), 'e862')
  await userEvent.type(screen.getByLabelText('Numbers and letters'), '1g 2b')
  await userEvent.click(screen.getByRole('button', { name: 'Save them' }))
  await waitFor(() => expect(screen.getByLabelText('Numbers and letters')).toHaveValue(''))
  expect(noticeStore.get().at(-1)!.text).toMatch(/One of them is recorded as a finding\.$/)
})

it('keeps what was typed when a mark cannot be read', async () => {
  server.when(
    'POST /api/projects/car/sheet',
    new Refusal(422, { code: 'sheet.unread', detail: '“9x” cannot be read.' }),
  )
  await userEvent.type(await screen.findByLabelText(/Edition at the top/), 'E862')
  await userEvent.type(screen.getByLabelText('Numbers and letters'), '1g 9x')
  await userEvent.click(screen.getByRole('button', { name: 'Save them' }))
  expect(await screen.findByText(/“9x” cannot be read/)).toBeInTheDocument()
  expect(screen.getByLabelText('Numbers and letters')).toHaveValue('1g 9x')
})
