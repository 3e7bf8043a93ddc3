import { useController } from 'react-hook-form'
import type { Access } from './access'
import { AccessChoice } from './AccessChoice'

/** Which of the accesses are needed, in the form around it. */
export function AccessPick({ name, label, accesses }: { name: string; label: string; accesses: Access[] }) {
  const { field } = useController({ name })
  return <AccessChoice label={label} accesses={accesses} chosen={field.value as string[]} onChange={field.onChange} />
}
