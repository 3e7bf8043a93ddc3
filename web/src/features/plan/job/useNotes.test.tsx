import { screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { useNotes } from './useNotes'

const session = (more: object) => ({
  id: 's',
  accountId: 'me',
  workedOn: '2026-11-22',
  done: 'Welded',
  learned: '',
  noteToSelf: 'Check the gap first.',
  noteDone: false,
  mostlyOn: 'tack',
  work: [],
  ...more,
})

function Notes() {
  return useNotes('car').map((n) => (
    <p key={n.text}>
      {n.jobId}: {n.text}
    </p>
  ))
}

it('finds one’s own open notes by the job that took most of the session', async () => {
  server.when('GET /api/session', { me: { accountId: 'me' } })
  server.when('GET /api/projects/car/work-sessions', [
    session({}),
    session({ id: 't', noteToSelf: 'Done long ago.', noteDone: true }),
    session({ id: 'u', noteToSelf: 'Somebody else’s.', accountId: 'milo' }),
    session({ id: 'v', noteToSelf: 'About no job.', mostlyOn: undefined }),
  ])
  show(<Notes />)
  expect(await screen.findByText('tack: Check the gap first.')).toBeVisible()
  expect(screen.queryByText(/long ago|Somebody else|no job/)).toBeNull()
})
