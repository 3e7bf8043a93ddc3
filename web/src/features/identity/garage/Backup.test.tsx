import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { Backup } from './Backup'

const state = {
  folder: '/backups',
  latestAt: '2026-11-26T20:15:00Z',
  overdue: false,
  sameDisk: false,
  sealed: false,
  lost: 0,
}

it('says how old the last backup is and where they lie', async () => {
  server.when('GET /api/backup', state)
  show(<Backup />)
  expect(await screen.findByText(/Last backup .*26 Nov/)).toBeInTheDocument()
  expect(screen.getByText(/last seven in \/backups/)).toBeInTheDocument()
  expect(screen.queryByText(/same disk/)).not.toBeInTheDocument()
})

it.each([
  [{ ...state, overdue: true }, /too long ago/],
  [{ overdue: true, sameDisk: false, sealed: false, lost: 0 }, /no backup yet/],
  [{ ...state, sameDisk: true }, /if it fails, both are lost/],
  [{ ...state, failure: 'Plug its disk in.' }, /The last try failed. Plug its disk in./],
  [{ ...state, lost: 2 }, /2 photos or receipts are missing/],
  [{ ...state, sealed: true }, /open only with your key/],
])('warns of what is not safe', async (found, words) => {
  server.when('GET /api/backup', found)
  show(<Backup />)
  expect(await screen.findByText(words)).toBeInTheDocument()
})

it('makes one to take away', async () => {
  server.when('GET /api/backup', state)
  server.when('POST /api/backup/archives', { name: 'garage-2026-11-27.zip', bytes: 12_400_000 })
  show(<Backup />)
  await userEvent.click(await screen.findByRole('button', { name: 'Make a backup now' }))
  const link = await screen.findByRole('link', { name: /Download garage-2026-11-27.zip/ })
  expect(link).toHaveAttribute('href', '/api/backup/archives/garage-2026-11-27.zip')
  expect(screen.getByText(/12 MB/)).toBeInTheDocument()
})
