import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { LabelsPage } from './LabelsPage'

const label = (id: string, code: string, words: string) => ({
  id,
  kind: 'PLUG',
  code,
  words,
  madeAt: '2026-03-03T18:00:00Z',
  modules: ['10', '01'],
})

it('makes numbered labels for 37 plugs in one go', async () => {
  const path = 'POST /api/projects/car/labels'
  server.when(path, undefined).when('GET /api/projects/car/labels', [])
  show(<LabelsPage />, '/p/car/work/labels', '/p/:projectId/work/labels')
  expect(await screen.findByText(/No labels yet/)).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Make labels' }))
  await userEvent.type(screen.getByLabelText('What each is for, one per line'), 'Dashboard plug')
  await userEvent.click(screen.getByLabelText('Number the first line instead'))
  await userEvent.clear(screen.getByLabelText('How many'))
  await userEvent.type(screen.getByLabelText('How many'), '37')
  expect(screen.getByText('37 labels, from “Dashboard plug 1” to “Dashboard plug 37”')).toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Make 37 labels' }))
  await waitFor(() => expect(server.writes(path)).toHaveLength(1))
  expect((server.writes(path)[0]!.body as { labels: object[] }).labels).toHaveLength(37)
})

it('finds a label by its code', async () => {
  server.when(
    'GET /api/projects/car/labels',
    Array.from({ length: 9 }, (_, i) => label(String(i), `K7${i}`, `Plug ${i}`)),
  )
  show(<LabelsPage />, '/p/car/work/labels', '/p/:projectId/work/labels')
  await userEvent.type(await screen.findByLabelText('Find a label by code or words'), 'k73')
  expect(screen.getByText('Plug 3')).toBeInTheDocument()
  expect(screen.queryByText('Plug 4')).not.toBeInTheDocument()
  expect(screen.getByRole('img', { name: 'K73, for a camera' })).toBeInTheDocument()
})
