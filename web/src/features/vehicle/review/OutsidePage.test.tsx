import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it } from 'vitest'
import { show } from '@/test/page'
import { Refusal, server } from '@/test/server'
import { OutsidePage } from './OutsidePage'

beforeEach(() => {
  Element.prototype.scrollIntoView = () => {}
  window.location.hash = '#secret'
  server.when('GET /api/review', {
    vehicleName: 'Pipit',
    builtYear: 1969,
    drawing: { style: 'ESTATE', views: [], zones: [], others: [] },
    findings: [
      {
        id: 'f',
        zone: 'sill-left',
        kind: 'RUST_THROUGH',
        severity: 3,
        safetyClass: 'A',
        howSeen: 'PHOTO',
        covered: false,
        note: 'A hole',
        photos: [],
      },
    ],
    remarks: [],
  })
})

it('lets an outsider say something about a finding, once', async () => {
  server.when('POST /api/review/remarks', undefined)
  show(<OutsidePage />, '/review', '/review')
  expect(await screen.findByText(/Pipit, 1969: one finding/)).toBeInTheDocument()
  expect(screen.getByRole('button', { name: 'Send the remark' })).toBeDisabled()
  await userEvent.click(screen.getByRole('button', { name: /Rusted through/ }))
  await userEvent.type(screen.getByLabelText('Your name'), 'Bela')
  await userEvent.type(screen.getByLabelText('What you see'), 'Older than the paint')
  await userEvent.click(screen.getByRole('button', { name: 'Send the remark' }))
  await waitFor(() => expect(server.writes('POST /api/review/remarks')).toHaveLength(1))
  expect(server.writes('POST /api/review/remarks')[0]!.body).toMatchObject({
    findingId: 'f',
    author: 'Bela',
    words: 'Older than the paint',
  })
  expect(await screen.findByText('Sent to the owner.')).toBeInTheDocument()
  expect(server.sent.every((s) => !s.path.includes('secret'))).toBe(true)
})

it('says that a link is closed', async () => {
  server.when('GET /api/review', new Refusal(403, { code: 'link.closed', detail: 'This link has run out.' }))
  show(<OutsidePage />, '/review', '/review')
  expect(await screen.findByText(/This link has run out/)).toBeInTheDocument()
})
