import type { Schemas } from '@/api/client'
import { placeOf } from '@/ui/format/names/things'

type Need = Schemas['Need']
type Zone = Schemas['Zone']
type Thing = Schemas['ComponentResponse']

const over: Need['state'][] = ['FITTED', 'VERIFIED', 'LEFT_OUT']

/**
 * Where on the vehicle each part goes that is not on it yet: where its job is done, or else the one place where such a
 * thing is found on that side. Empty where nothing says it.
 */
export function needPlaces(
  needs: Need[],
  jobs: { id: string; zone?: string }[],
  things: Thing[],
  zones: Zone[],
): Map<string, Need[]> {
  const placeIn = (n: Need) => {
    const atJob = jobs.find((j) => j.id === n.jobId)?.zone
    if (atJob) return atJob
    const places = things.find((c) => c.id === n.item)?.places ?? []
    const there = zones.filter((z) => places.includes(placeOf(z.id)) && (z.side === 'NONE' || z.side === n.side))
    return there.length === 1 ? there[0]!.id : ''
  }
  const at = new Map<string, Need[]>()
  for (const n of needs.filter((one) => !over.includes(one.state))) {
    const place = placeIn(n)
    const drawn = zones.some((z) => z.id === place) ? place : ''
    at.set(drawn, [...(at.get(drawn) ?? []), n])
  }
  return at
}
