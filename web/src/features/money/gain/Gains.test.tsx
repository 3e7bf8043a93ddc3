import { screen } from '@testing-library/react'
import userEvent from '@testing-library/user-event'
import { expect, it } from 'vitest'
import { server } from '@/test/server'
import { show } from '@/test/page'
import { Gains } from './Gains'

const gain = (title: string, verdict: string, more: object = {}) => ({
  id: title,
  title,
  unit: 'kW',
  better: 'MORE',
  alike: true,
  conditions: '',
  before: [50, 51],
  after: [54, 55],
  by: 4,
  low: 1.5,
  high: 6.5,
  verdict,
  paidMinor: 0,
  minutes: 0,
  ...more,
})
const said = (...gains: object[]) => server.when('GET /api/projects/car/gains', { currency: 'EUR', gains })

it('says what the runs bear out, and what of it may be nothing', async () => {
  said(
    gain('Power', 'BETTER', { paidMinor: 31_200, minutes: 360, eachMinor: 7_800 }),
    gain('Weight', 'BETTER', { unit: 'kg', better: 'LESS', by: 20, low: 17.73, conditions: 'Scale at the mill' }),
    gain('Noise', 'WORSE', { unit: 'dB', better: 'LESS', by: -3, paidMinor: 5_000 }),
    gain('Idle', 'CHANCE', { enough: 12 }),
    gain('Smell', 'CHANCE', {}),
    gain('Pull', 'TOO_FEW'),
    gain('Braking', 'NOT_ALIKE', { by: 0 }),
  )
  show(<Gains projectId="car" />)
  const lines = (await screen.findAllByRole('listitem')).map((l) => l.textContent)
  expect(lines[0]).toMatch(/^Power: 4 kW more\. The runs bear it out: at least 1\.5 kW\./)
  expect(lines[0]).toContain('€312.00 and 6 h went into it: €78.00 for each kW.')
  expect(lines[1]).toMatch(/^Weight: 20 kg less\. The runs bear it out: at least 17\.73 kg\./)
  expect(lines[1]).toContain('Scale at the mill')
  expect(lines[2]).toMatch(/^Noise: 3 dB more, and the runs bear it out: it was better before\./)
  expect(lines[2]).toContain('€50.00 went into it.')
  expect(lines[3]).toContain('which may be nothing: the runs differ as much by themselves. 12 runs before')
  expect(lines[4]).toContain('Hundreds of runs would not tell.')
  expect(lines[5]).toContain('by single runs, which prove nothing')
  expect(lines[6]).toContain('no difference, but not measured alike: nothing follows.')
})

it('takes figures as people type them, and refuses what is none', async () => {
  said(gain('Power', 'TOO_FEW'))
  server
    .when('GET /api/projects/car/jobs', { jobs: [] })
    .when('POST /api/projects/car/gains', undefined)
    .when('POST /api/projects/car/gains/Power/runs', undefined)
    .when('DELETE /api/projects/car/gains/Power', undefined)
  show(<Gains projectId="car" />)
  await userEvent.click(await screen.findByText('Add runs'))
  await userEvent.click(screen.getByRole('button', { name: 'Add them' }))
  expect(screen.getByText('Enter figures before, after, or both.')).toBeInTheDocument()
  await userEvent.type(screen.getByLabelText(/^Figures after/), '54,5 55')
  await userEvent.click(screen.getByRole('button', { name: 'Add them' }))
  expect(server.writes('POST /api/projects/car/gains/Power/runs')[0]?.body).toEqual({ before: [], after: [54.5, 55] })
  await userEvent.click(screen.getByRole('button', { name: /Remove.*Power/ }))
  await userEvent.click(screen.getByRole('button', { name: 'Measured before and after' }))
  const sheet = await screen.findByRole('dialog')
  const field = (name: RegExp) => [...sheet.querySelectorAll('label')].find((l) => name.test(l.textContent))!
  await userEvent.type(screen.getByLabelText(/What you measured/), 'Weight')
  await userEvent.type(screen.getByLabelText('Unit'), 'kg')
  await userEvent.selectOptions(screen.getByLabelText('Better is'), 'less')
  await userEvent.type(field(/^Figures before/), '950 heavy')
  await userEvent.click(screen.getByRole('button', { name: 'Say what it brought' }))
  expect(screen.getAllByText('Enter 1 to 50 figures with a space between them.').length).toBeGreaterThan(0)
  expect(server.writes('POST /api/projects/car/gains')).toHaveLength(0)
})
