import { useTranslation } from 'react-i18next'
import { useFormat } from '@/ui/format/format'
import type { Faults } from './faultCodes'

const width = 320
const height = 120

/** How many codes each reading showed; a ring marks a reading after a drive. */
export function Trend({ trend }: { trend: Faults['trend'] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const most = Math.max(1, ...trend.map((c) => c.codes))
  const x = (i: number) => 20 + (i * (width - 40)) / Math.max(1, trend.length - 1)
  const y = (codes: number) => height - 24 - (codes / most) * (height - 44)
  return (
    <svg
      viewBox={`0 0 ${width} ${height}`}
      className="block w-full"
      role="img"
      aria-label={trend.map((c) => t('codes.point', { day: format.shortDay(c.on), count: c.codes })).join('; ')}
    >
      <line x1={10} x2={width - 10} y1={y(0)} y2={y(0)} className="stroke-base-300" />
      <polyline points={trend.map((c, i) => `${x(i)},${y(c.codes)}`).join(' ')} className="fill-none stroke-primary" />
      {trend.map((c, i) => (
        <g key={i}>
          <circle cx={x(i)} cy={y(c.codes)} r={3.5} className="fill-primary" />
          {c.afterDrive && <circle cx={x(i)} cy={y(c.codes)} r={7} className="fill-none stroke-primary" />}
          <text x={x(i)} y={y(c.codes) - 10} textAnchor="middle" fontSize={11} className="fill-base-content">
            {c.codes}
          </text>
          {(i === 0 || i === trend.length - 1) && (
            <text
              x={x(i)}
              y={height - 6}
              textAnchor={i === 0 ? 'start' : 'end'}
              fontSize={11}
              className="fill-base-content"
            >
              {format.shortDay(c.on)}
            </text>
          )}
        </g>
      ))}
    </svg>
  )
}
