import { screen } from '@testing-library/react'
import { expect, it } from 'vitest'
import { show } from '@/test/page'
import { server } from '@/test/server'
import type { Schemas } from '@/api/client'
import { moveOf, Permit, wayOut } from './Permit'
import type { Job } from '../jobWork'

const kinds: Schemas['Obstacle']['kind'][] = [
  'JOB_BEFORE',
  'RULE',
  'PART',
  'AWAY',
  'INTERLOCK',
  'STRIP_DOWN',
  'GATE',
  'SPARED',
  'TORQUE',
  'SECOND_LOOK',
]
const obstacles = kinds.map((kind) => ({ kind, id: `its-${kind}`, saying: `${kind} is in the way.` }))
const job = { id: 'j', state: 'PLANNED' } as Job

it('says what stands in the way of beginning, each a press from its way out', async () => {
  server.when('GET /api/jobs/j/permit', { begin: obstacles, finish: [], verify: [] })
  show(<Permit job={job} />)
  expect(await screen.findByRole('link', { name: 'PART is in the way.' })).toHaveAttribute(
    'href',
    '/p/car/parts?need=its-PART',
  )
  expect(screen.getByRole('link', { name: 'GATE is in the way.' })).toHaveAttribute('href', '/p/car/road?gate=its-GATE')
  expect(screen.getByText('SECOND_LOOK is in the way.')).toBeInTheDocument()
  expect(screen.queryByText('INTERLOCK is in the way.')).not.toBeInTheDocument()
})

it('asks for the move that comes next, and for none when it is over', () => {
  expect(moveOf('PLANNED')).toBe('begin')
  expect(moveOf('LOOSE')).toBe('finish')
  expect(moveOf('FINISHED')).toBe('verify')
  expect(moveOf('VERIFIED')).toBeUndefined()
})

it('leads from a torque that is missing to its sheet', () => {
  expect(wayOut('car', 'j', { kind: 'TORQUE', id: '', saying: '' })).toBe('/p/car/road?fastener=new&job=j')
  expect(wayOut('car', 'j', { kind: 'RULE', id: '', saying: '' })).toBe('/p/car/work/order-of-work')
})
