import { cleanup, screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import { show } from '@/test/page'
import { Refusal, server } from '@/test/server'
import { NewFinding } from './NewFinding'

const proposal = {
  severity: 4,
  safetyClass: 'A',
  howSeen: 'ON_STANDS',
  aim: 'ROAD_READY',
  reasons: ['STRUCTURE_IS_WEAKENED'],
}
const saved = 'POST /api/projects/car/findings'

const open = (onClose = vi.fn()) => {
  server.when('GET /api/projects/car/proposal', proposal)
  show(<NewFinding projectId="car" zone="sill-left" zoneName="Sill, left" onClose={onClose} />)
  return onClose
}

it('records zone and kind, and sends nothing that was only proposed', async () => {
  const onClose = open()
  server.when(saved, { id: 'f' })
  expect(screen.getByRole('button', { name: 'Save' })).toBeDisabled()
  await userEvent.click(screen.getByRole('button', { name: 'Rusted through' }))
  expect(await screen.findByText(/It weakens the structure/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(onClose).toHaveBeenCalled())
  const [write] = server.writes(saved)
  const fields = write!.body.fields as Record<string, unknown>
  expect(fields).toMatchObject({ zone: 'sill-left', kind: 'RUST_THROUGH', covered: false })
  expect(fields).not.toHaveProperty('safetyClass') // the server marks it as proposed
  expect(write!.writeId).toMatch(/^[0-9a-f-]{36}$/)
})

it('keeps what was typed when the server refuses', async () => {
  const onClose = open()
  server.when(saved, new Refusal(409, { code: 'project.over', detail: 'The project is finished.' }))
  await userEvent.click(screen.getByRole('button', { name: 'Leaks' }))
  await userEvent.type(screen.getByLabelText(/Note/), 'wet at the union')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  expect(await screen.findByText('The project is finished.')).toBeInTheDocument()
  expect(screen.getByLabelText(/Note/)).toHaveValue('wet at the union')
  expect(onClose).not.toHaveBeenCalled()
})

it('sends one’s own judgement where it differs', async () => {
  open()
  server.when(saved, { id: 'f' })
  await userEvent.click(screen.getByRole('button', { name: 'Cracked' }))
  await userEvent.click(await screen.findByText(/Change the assessment/))
  await userEvent.selectOptions(screen.getByLabelText(/safety/i), 'B')
  await userEvent.type(screen.getByLabelText(/calls for class A. Why is B enough/), 'a hair crack, polished out')
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(server.writes(saved)).toHaveLength(1))
  expect(server.writes(saved)[0]!.body.fields).toMatchObject({
    safetyClass: 'B',
    loweredReason: 'a hair crack, polished out',
  })
})

it('keeps what was typed when the page goes, until it is saved', async () => {
  open()
  server.when(saved, { id: 'f' })
  await userEvent.click(screen.getByRole('button', { name: 'Leaks' }))
  await userEvent.type(screen.getByLabelText(/Note/), 'wet at the union')
  cleanup()
  const onClose = open()
  expect(screen.getByLabelText(/Note/)).toHaveValue('wet at the union')
  expect(screen.getByRole('button', { name: 'Leaks', pressed: true })).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Save' }))
  await waitFor(() => expect(onClose).toHaveBeenCalled())
  cleanup()
  open()
  expect(screen.getByLabelText(/Note/)).toHaveValue('')
})
