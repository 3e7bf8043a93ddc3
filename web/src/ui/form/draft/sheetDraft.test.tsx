import { QueryClient, QueryClientProvider } from '@tanstack/react-query'
import { act, render, screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { useState } from 'react'
import { MemoryRouter } from 'react-router'
import { afterEach, expect, it, vi } from 'vitest'
import '../../../app/i18n'
import { NoteField, TextField } from '../Field'
import { Sheet } from '../Sheet'

const queries = new QueryClient()

function Form({ stored = '' }: { stored?: string }) {
  const [what, setWhat] = useState(stored)
  const [more, setMore] = useState(false)
  const [note, setNote] = useState('')
  return (
    <QueryClientProvider client={queries}>
      <MemoryRouter initialEntries={['/p/car/parts?new=1']}>
        <Sheet title="A part" onClose={() => {}}>
          <TextField label="What" value={what} onChange={(e) => setWhat(e.target.value)} />
          <label>
            <input type="checkbox" checked={more} onChange={(e) => setMore(e.target.checked)} />
            More
          </label>
          {more && <NoteField label="Note" value={note} onChange={(e) => setNote(e.target.value)} />}
          <TextField label="Secret" type="password" />
        </Sheet>
      </MemoryRouter>
    </QueryClientProvider>
  )
}

/** The page goes without React being asked, as when it is loaded anew. */
function reload() {
  const kept = { ...localStorage }
  document.body.innerHTML = ''
  act(() => vi.runAllTimers())
  localStorage.clear()
  Object.entries(kept).forEach(([key, value]) => localStorage.setItem(key, value as string))
}

afterEach(() => vi.useRealTimers())

it('puts back what was typed when the page is loaded anew, fields that come later too', async () => {
  const first = render(<Form />)
  await userEvent.type(screen.getByLabelText('What'), 'Gearbox seal')
  await userEvent.click(screen.getByLabelText('More'))
  await userEvent.type(screen.getByLabelText('Note'), 'the wide one')
  await userEvent.type(screen.getByLabelText('Secret'), 'orchard')
  expect(JSON.stringify(localStorage)).not.toContain('orchard')
  vi.useFakeTimers()
  reload()
  vi.useRealTimers()
  first.unmount()
  render(<Form />)
  expect(screen.getByLabelText('What')).toHaveValue('Gearbox seal')
  expect(await screen.findByLabelText('Note')).toHaveValue('the wide one')
  expect(screen.getByLabelText('Secret')).toHaveValue('')
})

it('writes over nothing that has changed meanwhile', async () => {
  render(<Form stored="Seal" />)
  await userEvent.type(screen.getByLabelText('What'), ', rear')
  vi.useFakeTimers()
  reload()
  vi.useRealTimers()
  render(<Form stored="Seal of the other window" />)
  expect(screen.getByLabelText('What')).toHaveValue('Seal of the other window')
})

it('throws it away when the sheet is closed', async () => {
  const open = render(<Form />)
  await userEvent.type(screen.getByLabelText('What'), 'Gearbox seal')
  expect(localStorage).toHaveLength(1)
  open.unmount()
  await vi.waitFor(() => expect(localStorage).toHaveLength(0))
})
