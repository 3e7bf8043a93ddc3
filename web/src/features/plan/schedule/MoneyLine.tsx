import { scaleLinear } from 'd3-scale'
import { useTranslation } from 'react-i18next'
import { useFormat } from '@/ui/format/format'
import { xOf, type Axis } from './axis/axis'
import type { Plan } from './axis/lanes'

const HEIGHT = 96

/** What is at hand from day to day if the plan is kept; the lowest point is named. */
export function MoneyLine({ plan, axis }: { plan: Plan; axis: Axis }) {
  const { t } = useTranslation()
  const format = useFormat()
  const points = plan.money.flatMap((p) =>
    p.leftMinor === undefined
      ? []
      : [{ x: xOf(axis, Date.parse(`${p.day}T12:00:00Z`)), left: p.leftMinor, day: p.day }],
  )
  if (points.length === 0) return null
  const most = Math.max(1, ...points.map((p) => p.left))
  const least = Math.min(0, ...points.map((p) => p.left))
  const y = scaleLinear([most, least], [8, HEIGHT - 20])
  const lowest = points.reduce((a, b) => (b.left < a.left ? b : a))
  const path = points
    .map((p, i) => (i === 0 ? `M${p.x} ${y(p.left)}` : `H${p.x}V${y(p.left)}`))
    .concat(`H${axis.width}`)
    .join('')
  const said = t('dates.lowest', {
    money: format.money(lowest.left, format.currency),
    day: format.shortDay(lowest.day),
  })
  return (
    <svg width={axis.width} height={HEIGHT} role="img" aria-label={said} className="border-t border-base-300">
      <line x1={0} x2={axis.width} y1={y(0)} y2={y(0)} className="stroke-base-300" strokeWidth={2} />
      <path d={path} fill="none" className="stroke-primary" strokeWidth={2} />
      <circle cx={lowest.x} cy={y(lowest.left)} r={4} className="fill-primary" />
      <text
        x={Math.min(lowest.x + 8, Math.max(0, axis.width - 260))}
        y={HEIGHT - 6}
        className="fill-base-content text-xs"
      >
        {said}
      </text>
    </svg>
  )
}
