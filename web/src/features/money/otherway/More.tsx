import { Plus } from 'lucide-react'

/** Adds a row to a form. */
export function More({ says, onPress }: { says: string; onPress: () => void }) {
  return (
    <button type="button" className="btn btn-sm" onClick={onPress}>
      <Plus className="size-4" aria-hidden="true" />
      {says}
    </button>
  )
}
