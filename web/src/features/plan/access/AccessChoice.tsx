import type { Access } from './access'

/** Which of the accesses are needed. */
export function AccessChoice({
  label,
  accesses,
  chosen,
  onChange,
}: {
  label: string
  accesses: Access[]
  chosen: string[]
  onChange: (chosen: string[]) => void
}) {
  return (
    <fieldset>
      <legend className="mb-1 text-sm font-semibold">{label}</legend>
      <div className="grid max-h-56 overflow-y-auto rounded border border-base-300 p-2 sm:grid-cols-2">
        {[...accesses]
          .sort((a, b) => Number(chosen.includes(b.id)) - Number(chosen.includes(a.id)) || a.name.localeCompare(b.name))
          .map((w) => (
            <label key={w.id} className="flex min-h-11 items-center gap-2">
              <input
                type="checkbox"
                className="checkbox"
                checked={chosen.includes(w.id)}
                onChange={(e) => onChange(e.target.checked ? [...chosen, w.id] : chosen.filter((c) => c !== w.id))}
              />
              {w.name}
            </label>
          ))}
      </div>
    </fieldset>
  )
}
