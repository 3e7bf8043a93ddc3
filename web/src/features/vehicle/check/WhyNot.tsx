import { useState, type ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { plain } from './plain'
import type { Seen } from './checkWalk'

/** Why something was not seen: one press shows the reasons, one says which. */
export function WhyNot<R extends Seen>({
  label,
  reasons,
  busy,
  onSay,
  children,
}: {
  label: string
  reasons: readonly R[]
  busy: boolean
  onSay: (reason: R) => void
  children?: ReactNode
}) {
  const { t } = useTranslation()
  const [open, setOpen] = useState(false)
  return (
    <>
      <button type="button" className={`btn ${plain}`} aria-expanded={open} onClick={() => setOpen(!open)}>
        {label}
      </button>
      {open && (
        <div role="group" aria-label={t('check.whyNot')} className="grid grid-cols-2 gap-2">
          {reasons.map((r) => (
            <button
              key={r}
              type="button"
              className={`btn h-auto py-2 ${plain}`}
              disabled={busy}
              onClick={() => onSay(r)}
            >
              {t(`check.seen.${r}`)}
            </button>
          ))}
          {children}
        </div>
      )}
    </>
  )
}
