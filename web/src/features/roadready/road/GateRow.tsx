import { useTranslation } from 'react-i18next'
import { Check, Lock } from 'lucide-react'
import type { GateName, Road } from './road'

/** The gates in a row: which are open, and how much keeps each other shut. Pressing one shows what. */
export function GateRow({
  gates,
  chosen,
  onChoose,
}: {
  gates: Road['gates']
  chosen: GateName
  onChoose: (gate: GateName) => void
}) {
  const { t } = useTranslation()
  return (
    <ol aria-label={t('road.gates')} className="grid gap-1">
      {gates.map((g) => (
        <li key={g.gate}>
          <button
            type="button"
            aria-pressed={g.gate === chosen}
            className={`flex min-h-11 w-full items-center gap-3 rounded border px-3 py-1.5 text-left ${
              g.gate === chosen ? 'border-base-content bg-base-200 font-semibold' : 'border-base-300'
            }`}
            onClick={() => onChoose(g.gate)}
          >
            {g.open ? (
              <Check className="size-5 shrink-0" aria-hidden="true" />
            ) : (
              <Lock className="size-5 shrink-0" aria-hidden="true" />
            )}
            <span className="grow">{t(`road.gate.${g.gate}`)}</span>
            <span className="whitespace-nowrap text-sm">
              {g.open ? t('road.open') : t('road.inTheWay', { count: g.blockers })}
            </span>
          </button>
        </li>
      ))}
    </ol>
  )
}
