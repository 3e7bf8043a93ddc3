import { useDraft } from '@/ui/form/draft/useDraft'

/** One thing bought away from home; its ids are made with the tick, so that entering it twice enters it once. */
export type Bought = {
  paid: string
  on: string
  matched: string[]
  /** Of the need when it was ticked: sent again it is the same request. */
  version: number
  entryId: string
  acceptWrite: string
  entryWrite: string
}

const nothing: Record<string, Bought> = {}

/** What was ticked at the market, by need. Kept on this device until it is entered. */
export function useBought(projectId: string) {
  const [bought, keep] = useDraft<Record<string, Bought>>(`market.${projectId}`, nothing)
  return {
    bought,
    tick: (needId: string, version: number, on: string) =>
      keep({
        ...bought,
        [needId]: {
          paid: '',
          on,
          matched: [],
          version,
          entryId: crypto.randomUUID(),
          acceptWrite: crypto.randomUUID(),
          entryWrite: crypto.randomUUID(),
        },
      }),
    change: (needId: string, more: Partial<Bought>) => keep({ ...bought, [needId]: { ...bought[needId]!, ...more } }),
    untick: (needId: string) => keep(Object.fromEntries(Object.entries(bought).filter(([id]) => id !== needId))),
    /** Keeps only what could not be entered. */
    keepOnly: (needIds: string[]) =>
      keep(Object.fromEntries(Object.entries(bought).filter(([id]) => needIds.includes(id)))),
  }
}
