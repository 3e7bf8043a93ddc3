import { useTrade } from './american'

/** What something in the plan is called, in the reader's English where the words are the program's. */
export function useActivityName(): (subject: { kind: string; title: string }) => string {
  const trade = useTrade()
  return ({ kind, title }) => (kind === 'STRIP' || kind === 'REFIT' ? trade(title) : title)
}
