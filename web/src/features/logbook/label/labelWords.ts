/** What stands on the labels: each line once, or one line numbered. */
export function labelWords(lines: string, numbered: boolean, count: number): string[] {
  const words = lines
    .split('\n')
    .map((l) => l.trim())
    .filter(Boolean)
  if (!numbered || !words[0]) return words
  return Array.from({ length: count }, (_, i) => `${words[0]} ${i + 1}`)
}
