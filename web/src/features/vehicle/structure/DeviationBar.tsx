import { useTranslation } from 'react-i18next'
import { useUnits } from '@/ui/format/units'
import type { ReferencePoint } from './structure'

const width = 320
const row = 22
const middle = width / 2

/** A distance to a tenth of a millimetre: a rule shows no more. */
const tenths = (mm: number) => Number(mm.toFixed(1))

/** How far off at each stage, around the middle; the band is the tolerance. The numbers stand beside it in words. */
export function DeviationBar({ point: p }: { point: ReferencePoint }) {
  const { t } = useTranslation()
  const units = useUnits()
  if (p.stages.length === 0) return <p className="quiet text-sm">{t('shell.notMeasured')}</p>
  const reach = Math.max(p.row.toleranceMm * 1.5, ...p.stages.map((s) => Math.abs(s.deviation.offMm))) * 1.1
  const x = (mm: number) => middle + (mm / reach) * (middle - 8)
  const height = row * p.stages.length
  return (
    <div>
      <svg viewBox={`0 0 ${width} ${height}`} className="block w-full" aria-hidden="true">
        <rect
          x={x(-p.row.toleranceMm)}
          width={x(p.row.toleranceMm) - x(-p.row.toleranceMm)}
          y={0}
          height={height}
          className="fill-base-300"
        />
        <line x1={middle} x2={middle} y1={0} y2={height} className="stroke-base-content" strokeDasharray="3 3" />
        {p.stages.map((s, i) => (
          <g key={s.stage}>
            <line
              x1={middle}
              x2={x(s.deviation.offMm)}
              y1={row * (i + 0.5)}
              y2={row * (i + 0.5)}
              className="stroke-primary"
              strokeWidth={3}
            />
            <circle cx={x(s.deviation.offMm)} cy={row * (i + 0.5)} r={5} className="fill-primary" />
          </g>
        ))}
      </svg>
      <ul className="text-sm">
        {p.stages.map((s) => (
          <li key={s.stage}>
            {t(`shell.stage.${s.stage}`)}: {units.say(tenths(s.actualMm), 'MILLIMETRE')},{' '}
            {t(s.deviation.beyondMm > 0 ? 'shell.outside' : 'shell.inside', {
              off: `${s.deviation.offMm > 0 ? '+' : s.deviation.offMm < 0 ? '−' : '±'}${units.say(tenths(Math.abs(s.deviation.offMm)), 'MILLIMETRE')}`,
              beyond: units.say(tenths(s.deviation.beyondMm), 'MILLIMETRE'),
            })}
          </li>
        ))}
      </ul>
    </div>
  )
}
