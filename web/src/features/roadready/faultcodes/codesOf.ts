import type { Schemas } from '@/api/client'

/** "Engine: P0301, P0562" a line; nothing typed means that no module kept a code. */
export function codesOf(text: string): Schemas['FaultCode'][] | 'unreadable' {
  const found: Schemas['FaultCode'][] = []
  for (const line of text.split('\n').filter((l) => l.trim() !== '')) {
    const [module, codes, ...more] = line.split(':')
    if (!module?.trim() || !codes?.trim() || more.length > 0) return 'unreadable'
    for (const code of codes.split(/[\s,;]+/).filter((c) => c !== '')) found.push({ module: module.trim(), code })
  }
  return found
}
