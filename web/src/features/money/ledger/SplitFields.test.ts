import { expect, it } from 'vitest'
import { restOf, splitsOf } from './SplitFields'

it('knows what is still to be shared out', () => {
  expect(
    restOf(
      [
        { to: 'TOOLS', amount: '10.00' },
        { to: 'STOCK', amount: '' },
      ],
      1250,
      'EUR',
    ),
  ).toBe(250)
  expect(restOf([{ to: 'TOOLS', amount: '13.00' }], 1250, 'EUR')).toBe(-50)
})

it('sends a job as a job and other ends by their name', () => {
  expect(
    splitsOf(
      [
        { to: 'a-job-id', amount: '1.00' },
        { to: 'TOOLS', amount: '2' },
      ],
      'EUR',
    ),
  ).toEqual([
    { destination: 'JOB', jobId: 'a-job-id', baseMinor: 100 },
    { destination: 'TOOLS', baseMinor: 200 },
  ])
  expect(splitsOf([{ to: 'TOOLS', amount: 'much' }], 'EUR')).toBeUndefined()
})
