import type { Schemas } from '@/api/client'
import type { ZoneMark } from '@/ui/drawing/CarDrawing'

type Finding = Schemas['FindingRow']

export const isOver = (f: Finding) => f.state === 'CLOSED' || f.state === 'WITHDRAWN'

/** One mark a zone: the gravest open finding counts; closed ones show only where nothing is open. */
export function marksOf(findings: Finding[]): ZoneMark[] {
  const byZone = new Map<string, Finding[]>()
  for (const f of findings) {
    if (f.state !== 'WITHDRAWN') byZone.set(f.zone, [...(byZone.get(f.zone) ?? []), f])
  }
  return [...byZone].map(([zone, here]) => {
    const open = here.filter((f) => !isOver(f))
    const shown = open.length > 0 ? open : here
    const gravest = shown.map((f) => f.safetyClass).sort()[0]!
    return { zone, safety: gravest, count: shown.length, closed: open.length === 0 }
  })
}
