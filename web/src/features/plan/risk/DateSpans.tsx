import { scaleTime } from 'd3-scale'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from '@/ui/format/format'

type Dates = Schemas['RiskDates']

const WIDTH = 720
const ROW = 34
const LEFT = 150
const RIGHT = 16

/** From one to nine in ten as a bar, five and eight in ten as marks, the planned day as a ring; the table beside says the same. */
export function DateSpans({ dates }: { dates: Dates[] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const known = dates.filter((d) => d.oneInTen && d.eightInTen)
  if (known.length === 0) return null
  const days = known.flatMap((d) => [d.planned, d.oneInTen!, d.nineInTen ?? d.eightInTen!]).map((d) => new Date(d))
  const from = new Date(Math.min(...days.map(Number)))
  const to = new Date(Math.max(...days.map(Number)))
  const x = scaleTime()
    .domain([from, to])
    .range([LEFT, WIDTH - RIGHT])
  const at = (day: string) => x(new Date(day))
  const height = known.length * ROW + 24
  return (
    <svg viewBox={`0 0 ${WIDTH} ${height}`} className="my-2 w-full max-w-3xl" aria-hidden="true">
      {x.ticks(5).map((tick) => (
        <g key={+tick}>
          <line x1={x(tick)} x2={x(tick)} y1={0} y2={height - 20} className="stroke-base-300" />
          <text x={x(tick)} y={height - 4} textAnchor="middle" className="fill-base-content text-[12px]">
            {format.month(tick.toISOString().slice(0, 10))}
          </text>
        </g>
      ))}
      {known.map((d, i) => {
        const y = i * ROW + ROW / 2
        return (
          <g key={d.aim}>
            <text x={0} y={y + 5} className="fill-base-content text-[14px]">
              {t(`reached.${d.aim}`)}
            </text>
            <line
              x1={at(d.oneInTen!)}
              x2={at(d.nineInTen ?? d.eightInTen!)}
              y1={y}
              y2={y}
              className="stroke-primary"
              strokeWidth={8}
              strokeOpacity={0.35}
            />
            <line
              x1={at(d.fiveInTen!)}
              x2={at(d.fiveInTen!)}
              y1={y - 7}
              y2={y + 7}
              className="stroke-primary"
              strokeWidth={2}
            />
            <line
              x1={at(d.eightInTen!)}
              x2={at(d.eightInTen!)}
              y1={y - 10}
              y2={y + 10}
              className="stroke-primary"
              strokeWidth={4}
            />
            <circle cx={at(d.planned)} cy={y} r={5} className="fill-base-100 stroke-base-content" strokeWidth={2} />
          </g>
        )
      })}
    </svg>
  )
}
