import { screen, waitFor } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it, vi } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import { Sleep } from './Sleep'
import type { Step } from '../check/checkWalk'

const steps: Step[] = [
  {
    checkId: 'tyre-age',
    place: 'front-wheel-left',
    zone: 'front-wheel-left',
    seen: 'BAD',
    cautions: [],
    also: [],
    ifBad: 'B',
  },
  { checkId: 'fuel-age', place: 'fuel-tank', zone: 'fuel-tank', cautions: [], also: [], ifBad: 'B' },
]
const slept = {
  evidence: [{ id: 'e', kind: 'DATED_PAPER', usedOn: '2017-09-01', note: 'inspection' }],
  estimate: { since: '2017-09-01', months: 110, onPaper: true, undisturbed: true },
  suspects: [
    { checkId: 'tyre-age', place: 'front-wheel-left', why: 'Rubber ages.' },
    { checkId: 'fuel-age', place: 'fuel-tank', why: 'Petrol turns to gum.' },
  ],
}
const open = (onGo = vi.fn()) => show(<Sleep projectId="car" steps={steps} nameOf={(p) => p} onGo={onGo} />)

it('estimates, says on what it rests, and leads to what nobody looked at yet', async () => {
  const onGo = vi.fn()
  server.when('GET /api/projects/car/sleep', slept)
  open(onGo)
  expect(await screen.findByText(/About 9 years, since September 2017/)).toBeInTheDocument()
  expect(screen.getByText(/There is something in writing. The dirt is undisturbed/)).toBeInTheDocument()
  expect(screen.queryByText(/Rubber ages/)).not.toBeInTheDocument()
  await userEvent.click(screen.getByText(/Petrol turns to gum/))
  expect(onGo).toHaveBeenCalledWith('fuel-age', 'fuel-tank')
})

it('asks for no date where dirt is the evidence', async () => {
  server
    .when('GET /api/projects/car/sleep', { evidence: [], suspects: [] })
    .when('POST /api/projects/car/sleep', undefined)
  open()
  await userEvent.selectOptions(await screen.findByLabelText('Evidence'), 'UNDISTURBED')
  expect(screen.queryByLabelText('Last ran')).not.toBeInTheDocument()
  await userEvent.click(screen.getByRole('button', { name: 'Add the evidence' }))
  await waitFor(() => expect(server.writes('POST /api/projects/car/sleep')).toHaveLength(1))
  expect(server.writes('POST /api/projects/car/sleep')[0]!.body).not.toHaveProperty('usedOn')
})
