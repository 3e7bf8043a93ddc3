import { scaleLinear } from 'd3-scale'
import { useFormat } from '@/ui/format/format'
import { READABLE, useUnits } from '@/ui/format/units'
import type { Measurable, Point } from './readings'

const width = 320
const left = 10
const right = 10
const top = 16
const plot = 90
const line = 11
const letter = 6

/** Broken between words, so that no line is longer than there is room beside its neighbours, save a word that is. */
function inLines(text: string, letters: number): string[] {
  return text.split(' ').reduce<string[]>((lines, word) => {
    const longer = `${lines.at(-1)} ${word}`
    return lines.length > 0 && longer.length <= letters ? [...lines.slice(0, -1), longer] : [...lines, word]
  }, [])
}

/** Readings side by side with the limit between them: small, to see which one steps out of line. */
export function SeriesPlot({ points, limit }: { points: Point[]; limit: Measurable }) {
  const format = useFormat()
  const units = useUnits()
  const bounds = limit.derived ? [] : [limit.min, limit.max].filter((b): b is number => b !== undefined)
  const sameUnit = points.every((p) => p.unit === limit.unit) ? bounds : []
  const values = [...points.map((p) => p.value), ...sameUnit]
  const oneSpot = new Set(points.map((p) => p.spot)).size === 1
  const step = (width - left - right) / points.length
  const under = (p: Point) => (oneSpot ? [format.dayOfMonth(p.readOn)] : inLines(p.spot, step / letter))
  const bottom = 9 + line * Math.max(...points.map((p) => under(p).length))
  const height = plot + bottom
  // bars stand on zero; a line over time may begin where its values do
  const low = oneSpot ? Math.min(...values) : Math.min(0, ...values)
  const high = Math.max(...values)
  const y = scaleLinear([low, high > low ? high : low + (Math.abs(low) || 1)], [height - bottom, top])
  const x = scaleLinear([-0.5, points.length - 0.5], [left, width - right])
  return (
    <svg viewBox={`0 0 ${width} ${height}`} className="block w-full max-w-md" aria-hidden="true">
      {sameUnit.map((b) => (
        <g key={b}>
          <line
            x1={left}
            x2={width - right}
            y1={y(b)}
            y2={y(b)}
            className="stroke-base-content"
            strokeDasharray="6 4"
          />
          <text x={width - right} y={y(b) - 3} textAnchor="end" fontSize={10} className="fill-base-content">
            {units.figure(b, limit.unit)}
          </text>
        </g>
      ))}
      {oneSpot && points.length > 1 && (
        <polyline
          points={points.map((p, i) => `${x(i)},${y(p.value)}`).join(' ')}
          className="fill-none stroke-primary"
          strokeWidth={1.5}
        />
      )}
      {points.map((p, i) => (
        <g key={p.id}>
          {!oneSpot && (
            <line
              x1={x(i)}
              x2={x(i)}
              y1={height - bottom}
              y2={y(p.value)}
              className="stroke-base-300"
              strokeWidth={Math.min(14, step / 2)}
            />
          )}
          <circle cx={x(i)} cy={y(p.value)} r={3.5} className={p.last ? 'fill-primary' : 'fill-base-300'} />
          <text x={x(i)} y={y(p.value) - 6} textAnchor="middle" fontSize={10} className="fill-base-content">
            {units.figure(p.value, p.unit, READABLE)}
          </text>
          <text textAnchor="middle" fontSize={10} className="fill-base-content">
            {under(p).map((words, at) => (
              <tspan key={at} x={x(i)} y={plot + line * (at + 1)}>
                {words}
              </tspan>
            ))}
          </text>
        </g>
      ))}
    </svg>
  )
}
