import type { Schemas } from '@/api/client'
import { useDraft } from '@/ui/form/draft/useDraft'
import type { NeedLine } from '../need/list/needLines'

/** One line bought away from home; its ids are made with the tick, so that entering it twice enters it once. */
export type Bought = {
  paid: string
  on: string
  matched: string[]
  needs: Schemas['BoughtNeed'][]
  entryId: string
  writeId: string
}

const nothing: Record<string, Bought> = {}

/** What was ticked at the market, by line. Kept on this device until it is entered. */
export function useBought(projectId: string) {
  const [bought, keep] = useDraft<Record<string, Bought>>(`market.${projectId}`, nothing)
  return {
    bought,
    tick: (line: NeedLine, on: string) =>
      keep({
        ...bought,
        [line.key]: {
          paid: '',
          on,
          matched: [],
          needs: line.needs.map((n) => ({ needId: n.id, version: n.version })),
          entryId: crypto.randomUUID(),
          writeId: crypto.randomUUID(),
        },
      }),
    change: (key: string, more: Partial<Bought>) => keep({ ...bought, [key]: { ...bought[key]!, ...more } }),
    untick: (key: string) => keep(Object.fromEntries(Object.entries(bought).filter(([k]) => k !== key))),
    /** Keeps only what could not be entered. */
    keepOnly: (keys: string[]) => keep(Object.fromEntries(Object.entries(bought).filter(([k]) => keys.includes(k)))),
  }
}
