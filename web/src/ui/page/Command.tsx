import type { ReactNode } from 'react'

/** What is typed in a shell, never broken in the middle. */
export function Command({ children }: { children: ReactNode }) {
  return <code className="whitespace-nowrap font-mono text-sm">{children}</code>
}
