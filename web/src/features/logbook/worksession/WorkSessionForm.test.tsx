import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { beforeEach, expect, it, vi } from 'vitest'
import { show } from '@/test/page'
import { Refusal, server } from '@/test/server'
import { WorkSessionForm } from './WorkSessionForm'

const saved = 'POST /api/projects/car/work-sessions'
const job = (id: string, title: string, state: string) => ({ id, code: id.toUpperCase(), title, state })

beforeEach(() => {
  server.when('GET /api/projects/car/jobs', {
    chains: [],
    jobs: [job('a', 'Weld the sill', 'BEGUN'), job('b', 'Prime it', 'PLANNED'), job('c', 'Sold', 'DROPPED')],
  })
  server.when('GET /api/projects/car/access', {
    stripDowns: [{ stripDown: 's', access: 'gearbox-out' }],
    accesses: [
      { id: 'gearbox-out', name: 'Gearbox out' },
      { id: 'wheels-off', name: 'Wheels off' },
    ],
  })
})

it('adds up time by pressing, and offers only jobs that are open', async () => {
  server.when(saved, { id: 'e', unfinished: [] })
  const onClose = vi.fn()
  show(<WorkSessionForm projectId="car" onClose={onClose} />)
  expect(screen.getByRole('button', { name: /Save/ })).toBeDisabled()
  await screen.findByRole('option', { name: /Weld the sill/ })
  expect(screen.queryByRole('option', { name: /Sold/ })).not.toBeInTheDocument()
  await userEvent.selectOptions(screen.getByRole('combobox'), 'a')
  expect(screen.queryByRole('option', { name: /Weld the sill/ })).not.toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: '+30 min' }))
  await userEvent.click(screen.getByRole('button', { name: '−15 min' }))
  expect(screen.getByText('1¼ h')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: /Save/ }))
  await waitFor(() => expect(onClose).toHaveBeenCalled())
  const fields = server.writes(saved)[0]!.body.fields as { work: unknown }
  expect(fields.work).toEqual([{ jobId: 'a', minutes: 75 }])
})

const about = [{ jobId: 'a', minutes: 60 }]

it('keeps what is typed while the session is ticked off further, with the steps as they are now', async () => {
  const going = { projectId: 'car', begunAt: '2026-03-03T18:00:00Z', onClose: vi.fn() }
  const before = show(<WorkSessionForm {...going} work={[{ jobId: 'a', minutes: 20 }]} />)
  await userEvent.type(screen.getByLabelText('What was done'), 'Sill out')
  before.unmount()
  show(
    <WorkSessionForm
      {...going}
      work={[
        { jobId: 'a', minutes: 40, finished: true },
        { jobId: 'b', minutes: 10 },
      ]}
    />,
  )
  expect(screen.getByLabelText('What was done')).toHaveValue('Sill out')
  expect(screen.getByText('40 min')).toBeInTheDocument()
  expect(await screen.findByText('Prime it')).toBeInTheDocument()
})

it('says what was finished, and what may not be called so yet', async () => {
  server.when(saved, {
    id: 'e',
    unfinished: [{ jobId: 'a', title: 'Weld the sill', saying: 'Confirm that somebody watched for fire.' }],
  })
  const onClose = vi.fn()
  show(<WorkSessionForm projectId="car" work={[{ jobId: 'a', minutes: 40, finished: true }]} onClose={onClose} />)
  expect(await screen.findByRole('checkbox', { name: 'It is finished' })).toBeChecked()
  await userEvent.click(screen.getByRole('button', { name: /Save/ }))
  expect(await screen.findByText('Confirm that somebody watched for fire.')).toBeInTheDocument()
  expect(server.writes(saved)[0]!.body).toMatchObject({
    fields: { work: [{ jobId: 'a', minutes: 40 }] },
    finished: ['a'],
  })
  expect(onClose).not.toHaveBeenCalled()
  await userEvent.click(screen.getByRole('button', { name: 'All right' }))
  expect(onClose).toHaveBeenCalled()
})

it('logs what went into opening up as well, of the ways in that the car needs', async () => {
  server.when(saved, { id: 'e', unfinished: [] })
  const onClose = vi.fn()
  show(<WorkSessionForm projectId="car" work={[{ access: 'gearbox-out', minutes: 90 }]} onClose={onClose} />)
  expect(await screen.findByText('Strip and refit: Gearbox out')).toBeInTheDocument()
  expect(screen.queryByRole('option', { name: 'Wheels off' })).not.toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: /Save/ }))
  await waitFor(() => expect(onClose).toHaveBeenCalled())
  const fields = server.writes(saved)[0]!.body.fields as { work: unknown }
  expect(fields.work).toEqual([{ access: 'gearbox-out', minutes: 90 }])
})

it('offers what is opened and closed beside the jobs, and logs it as such', async () => {
  server.when(saved, { id: 'e', unfinished: [] })
  const onClose = vi.fn()
  show(<WorkSessionForm projectId="car" work={about} onClose={onClose} />)
  await screen.findByRole('option', { name: 'Gearbox out' })
  await userEvent.selectOptions(screen.getByLabelText('Another job'), 'Gearbox out')
  await userEvent.click(screen.getByRole('button', { name: /Save/ }))
  await waitFor(() => expect(onClose).toHaveBeenCalled())
  const fields = server.writes(saved)[0]!.body.fields as { work: unknown }
  expect(fields.work).toEqual([...about, { access: 'gearbox-out', minutes: 60 }])
})

it('keeps a half-written evening over a closed tab', async () => {
  const first = show(<WorkSessionForm projectId="car" work={about} onClose={vi.fn()} />)
  await userEvent.type(screen.getByLabelText(/done/i), 'half of it')
  first.unmount()
  show(<WorkSessionForm projectId="car" work={about} onClose={vi.fn()} />)
  expect(screen.getByLabelText(/done/i)).toHaveValue('half of it')
})

it('puts the other window’s words beside one’s own, and joins them', async () => {
  const workSession = {
    id: 'e',
    projectId: 'car',
    accountId: 'me',
    person: 'Ines',
    workedOn: '2026-11-20',
    done: 'old',
    learned: '',
    noteToSelf: '',
    noteDone: false,
    work: [{ workSessionId: 'e', jobId: 'a', code: 'A', title: 'Weld the sill', minutes: 60 }],
    version: 1,
  }
  const put = 'PUT /api/work-sessions/e'
  server.when(put, (s: { body: { version?: unknown } }) =>
    s.body.version === 1
      ? new Refusal(409, {
          code: 'workSession.stale',
          detail: 'Changed meanwhile.',
          stored: { ...workSession, done: 'theirs', version: 2 },
        })
      : workSession,
  )
  const onClose = vi.fn()
  show(<WorkSessionForm projectId="car" workSession={workSession} onClose={onClose} />)
  await userEvent.clear(screen.getByLabelText(/done/i))
  await userEvent.type(screen.getByLabelText(/done/i), 'mine')
  await userEvent.click(screen.getByRole('button', { name: /Save/ }))
  await userEvent.click(await screen.findByRole('button', { name: 'Join both' }))
  expect(screen.getByLabelText(/done/i)).toHaveValue('theirs\nmine')
  await userEvent.click(screen.getByRole('button', { name: /Save/ }))
  await waitFor(() => expect(onClose).toHaveBeenCalled())
  expect(server.writes(put).map((w) => w.body.version)).toEqual([1, 2])
})
