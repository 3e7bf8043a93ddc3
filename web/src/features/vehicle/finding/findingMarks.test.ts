import { expect, it } from 'vitest'
import type { Schemas } from '@/api/client'
import { marksOf } from './findingMarks'

type Finding = Schemas['FindingRow']
const finding = (zone: string, safetyClass: Finding['safetyClass'], state: Finding['state'] = 'OPEN') =>
  ({ zone, safetyClass, state }) as Finding

it('marks a zone with its gravest open finding', () => {
  expect(marksOf([finding('sill', 'C'), finding('sill', 'A'), finding('sill', 'B', 'CLOSED')])).toEqual([
    { zone: 'sill', safety: 'A', count: 2, closed: false },
  ])
})

it('shows closed findings only where nothing is open, and withdrawn ones never', () => {
  expect(marksOf([finding('roof', 'D', 'CLOSED'), finding('door', 'A', 'WITHDRAWN')])).toEqual([
    { zone: 'roof', safety: 'D', count: 1, closed: true },
  ])
})
