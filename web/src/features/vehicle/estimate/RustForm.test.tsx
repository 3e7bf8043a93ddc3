import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import type { Schemas } from '@/api/client'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { RustForm } from './RustForm'
import type { FindingEstimate } from './estimates'

const finding = { id: 'f', kind: 'SURFACE_RUST' } as Schemas['FindingRow']
const estimate: FindingEstimate = {
  findingId: 'f',
  effort: { optimisticMinutes: 30, likelyMinutes: 60, pessimisticMinutes: 120 },
  specialist: false,
  hands: [],
  version: 2,
  said: { payer: 'SELLER', payerNote: 'by letter' },
}
const path = 'PUT /api/findings/f/estimate'

it('sends what was compared and measured, and keeps what was said before', async () => {
  server.when(path, undefined)
  server.when('GET /api/rust-grades', [{ grade: 'RI_4', rustedPercent: 8 }])
  show(<RustForm finding={finding} estimate={estimate} onDone={vi.fn()} />)
  await userEvent.click(await screen.findByRole('button', { name: /Ri 4/ }))
  await userEvent.click(screen.getByLabelText('The paint blisters'))
  await userEvent.selectOptions(screen.getByLabelText(/How big/), '4')
  await userEvent.type(screen.getByLabelText('Length, mm'), '62.5')
  await userEvent.type(screen.getByLabelText('Width, mm'), '40')
  await userEvent.click(screen.getByRole('button', { name: 'Save the figures' }))
  expect(await screen.findByRole('alert')).toHaveTextContent('whole millimetres')
  await userEvent.clear(screen.getByLabelText('Length, mm'))
  await userEvent.type(screen.getByLabelText('Length, mm'), '62')
  await userEvent.click(screen.getByRole('button', { name: 'Save the figures' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect(server.writes(path)[0]!.body).toEqual({
    fields: {
      payer: 'SELLER',
      payerNote: 'by letter',
      rust: {
        grade: 'RI_4',
        lengthMillimetres: 62,
        widthMillimetres: 40,
        perforated: false,
        blisters: { quantity: 2, size: 4 },
      },
    },
    version: 2,
  })
})
