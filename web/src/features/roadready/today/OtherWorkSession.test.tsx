import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server, type Sent } from '@/test/server'
import { OtherWorkSession } from './OtherWorkSession'

it('asks how the evening really is, and says what can be done and why it stands there', async () => {
  server.when('GET /api/projects/car/plan/tonight', ({ query }: Sent) => {
    expect(query.get('minutes')).toBe('180')
    if (query.get('quiet') === 'true') return []
    if (query.get('wet') === 'true' && query.get('place') === 'bay') return []
    return [
      { subject: { kind: 'JOB', id: 'j', title: 'Fit the glass' }, minutes: 60, why: 'BEGUN' },
      { subject: { kind: 'STRIP', id: 's', title: 'Bonnet off' }, minutes: 30, why: 'FITS' },
    ]
  })
  server.when('GET /api/places', [{ id: 'bay', name: 'Long bay', kind: 'BAY', toWorkIn: true }])
  show(<OtherWorkSession minutes={150} />, '/p/car', '/p/:projectId')
  await userEvent.click(screen.getByText('A different session?'))
  expect(await screen.findByText('2 jobs fit, the best first.')).toBeInTheDocument()
  expect(screen.getByText('started: finish it first')).toBeInTheDocument()
  expect(screen.getByRole('link', { name: /Bonnet off/ })).toHaveAttribute('href', '/p/car/work/access')
  await userEvent.selectOptions(await screen.findByLabelText('Where'), 'Long bay')
  await userEvent.click(screen.getByLabelText('Rain or snow'))
  expect(await screen.findByText('Nothing fits such a session.')).toBeInTheDocument()
  await userEvent.click(screen.getByLabelText('Rain or snow'))
  expect(await screen.findByText('2 jobs fit, the best first.')).toBeInTheDocument()
  await userEvent.click(screen.getByLabelText('It must be quiet'))
  expect(await screen.findByText('Nothing fits such a session.')).toBeInTheDocument()
})
