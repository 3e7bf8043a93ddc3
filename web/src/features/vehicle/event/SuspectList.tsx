import type { Step } from '../check/checkWalk'

type Suspect = { checkId: string; place: string; why: string }

/** Suspects that nobody has looked at yet. */
export const leftOf = <S extends Suspect>(suspects: S[], steps: Step[]) =>
  suspects.filter((s) => !steps.some((step) => step.checkId === s.checkId && step.place === s.place && step.seen))

/** What to look at and why; a press goes there. */
export function SuspectList({
  suspects,
  nameOf,
  onGo,
}: {
  suspects: Suspect[]
  nameOf: (place: string) => string
  onGo: (checkId: string, place: string) => void
}) {
  return (
    <ul>
      {suspects.map((s) => (
        <li key={s.checkId + s.place} className="border-b border-base-300">
          <button
            type="button"
            className="min-h-11 w-full py-1.5 text-left hover:bg-base-100"
            onClick={() => onGo(s.checkId, s.place)}
          >
            <span className="font-semibold">{nameOf(s.place)}</span> · {s.why}
          </button>
        </li>
      ))}
    </ul>
  )
}
