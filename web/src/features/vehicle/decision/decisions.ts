import type { Schemas } from '@/api/client'

export type Finding = Schemas['FindingRow']

export type Proposed = { finding: Finding; proposal: Schemas['DecisionProposalResponse'] }

const inOrder: Record<Schemas['DecisionRequest']['decision'], number> = {
  REPAIR: 1,
  REPLACE: 2,
  INVESTIGATE: 3,
  REUSE: 4,
  TEMPORARY: 5,
  DEFER: 6,
  ACCEPT: 7,
}
/** The most usual first; each is also chosen by its number on the keyboard. */
export const decisions = Object.keys(inOrder) as (keyof typeof inOrder)[]
