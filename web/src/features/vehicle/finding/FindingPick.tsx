import { Pick } from '@/ui/form/named'
import type { Schemas } from '@/api/client'

/** One of the other findings, or none. */
export function FindingPick({
  name,
  label,
  none,
  others,
  nameOf,
}: {
  name: string
  label: string
  none: string
  others: Schemas['FindingRow'][]
  nameOf: (f: Schemas['FindingRow']) => string
}) {
  const title = new Map(others.map((f) => [f.id, nameOf(f)]))
  return <Pick name={name} label={label} none={none} of={[...title.keys()]} say={(id) => title.get(id)!} />
}
