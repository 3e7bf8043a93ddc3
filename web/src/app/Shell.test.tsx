import { screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import { session, show } from '@/test/page'
import { server } from '@/test/server'
import { Shell } from './Shell'

/** The first page may take its time on a busy machine. */
const patience = { timeout: 5000 }
const backup = { latestAt: '2026-11-02T20:15:00Z', overdue: true, sameDisk: false, sealed: false, lost: 0 }

it('warns an owner on every page of a backup that is too old', async () => {
  server.when('GET /api/backup', backup)
  show(<Shell />)
  expect(await screen.findByRole('link', { name: 'Garage: the last backup is too old' }, patience)).toBeInTheDocument()
})

it('warns nobody of one that is not, nor those who do not own the garage', async () => {
  server.when('GET /api/backup', { ...backup, overdue: false })
  const { unmount } = show(<Shell />)
  expect(await screen.findByRole('link', { name: 'Garage' }, patience)).toBeInTheDocument()
  unmount()
  server.when('GET /api/session', { ...session, me: { ...session.me, role: 'HELPER' } }).when('GET /api/backup', backup)
  show(<Shell />)
  expect(await screen.findByRole('link', { name: 'Garage' }, patience)).toBeInTheDocument()
  expect(screen.queryByRole('link', { name: /too old/ })).not.toBeInTheDocument()
})
