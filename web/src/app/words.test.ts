import { expect, it } from 'vitest'
import { words } from './words'

function leaves(node: object): string[] {
  return Object.values(node).flatMap((v: unknown) => (typeof v === 'string' ? [v] : leaves(v as object)))
}

it('has no empty word and none of the words of software', () => {
  for (const word of leaves(words)) {
    expect(word.trim()).not.toBe('')
    expect(word).not.toMatch(/\b(dashboard|database|entity|invalid|null|undefined|sync|backend|submit|workflow)\b/i)
  }
})
