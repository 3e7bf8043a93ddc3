import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'

export type SafetyClass = Schemas['FindingRow']['safetyClass']

// Each class has a shape of its own, like tags cut from card: a notched plate, a plate, a rounded plate, a dot. Never colour alone.
const shapes: Record<SafetyClass, string> = {
  A: 'M-11 -11 L11 -11 L11 4 L0 13 L-11 4 Z',
  B: 'M-10 -10 H10 V10 H-10 Z',
  C: 'M-10 -4 Q-10 -10 -4 -10 H4 Q10 -10 10 -4 V4 Q10 10 4 10 H-4 Q-10 10 -10 4 Z',
  D: 'M0 -9 A9 9 0 1 1 0 9 A9 9 0 1 1 0 -9 Z',
}

const fills: Record<SafetyClass, string> = {
  A: 'fill-error text-error-content',
  B: 'fill-warning text-warning-content',
  C: 'fill-info text-info-content',
  D: 'fill-base-100 text-base-content',
}

/** The mark alone, for the drawing; a closed finding is an empty tag. */
export function MarkShape({ safety, closed }: { safety: SafetyClass; closed?: boolean }) {
  return (
    <g className={closed ? 'fill-base-100 text-base-content' : fills[safety]}>
      <path
        d={shapes[safety]}
        className="stroke-base-content"
        strokeWidth={closed ? 1 : 1.5}
        strokeDasharray={closed ? '3 2' : undefined}
      />
      <text textAnchor="middle" y={4.5} fontSize={13} fontWeight={800} fill="currentColor">
        {closed ? '✓' : safety}
      </text>
    </g>
  )
}

/** The mark with its word. */
export function SafetyMark({ safety, word = true }: { safety: SafetyClass; word?: boolean }) {
  const { t } = useTranslation()
  return (
    <span className="inline-flex items-center gap-1.5 whitespace-nowrap align-middle">
      <svg
        viewBox="-14 -14 28 28"
        className="size-6 shrink-0"
        role={word ? undefined : 'img'}
        aria-hidden={word}
        aria-label={word ? undefined : t(`safety.${safety}`)}
      >
        <MarkShape safety={safety} />
      </svg>
      {word && <span>{t(`safety.${safety}`)}</span>}
    </span>
  )
}
