import { useRef } from 'react'
import { Area, CartesianGrid, ComposedChart, Line, ReferenceLine, ResponsiveContainer, XAxis, YAxis } from 'recharts'
import { useTranslation } from 'react-i18next'
import { useFormat } from '@/ui/format/format'
import { minorDigits } from '@/ui/format/money'
import { SaveChart } from '@/ui/chart/SaveChart'
import type { Growth } from './queries'

const HEIGHT = 280

/** The expected final cost over time with its fan, against what it is worth when finished; the table says the same. */
export function GrowthChart({ growth: g, worthMinor }: { growth: Growth; worthMinor?: number }) {
  const { t } = useTranslation()
  const format = useFormat()
  const drawing = useRef<HTMLDivElement>(null)
  const units = 10 ** minorDigits(g.currency)
  const about = (minor: number) => format.guess(minor, g.currency)
  const first = g.days[0]!
  const now = g.days[g.days.length - 1]!
  const points = g.days.map((d) => ({
    at: Date.parse(d.on),
    expected: d.expectedMinor / units,
    fan: [d.lowMinor / units, d.highMinor / units],
  }))
  return (
    <figure>
      <div
        ref={drawing}
        role="img"
        aria-label={`${t('growth.chart')}. ${t('growth.chartSays', {
          first: about(first.expectedMinor),
          from: format.dayAndYear(first.on),
          now: about(now.expectedMinor),
        })}`}
      >
        <ResponsiveContainer width="100%" height={HEIGHT} initialDimension={{ width: 640, height: HEIGHT }}>
          <ComposedChart data={points} margin={{ top: 12, right: 48, bottom: 4, left: 8 }} accessibilityLayer={false}>
            <CartesianGrid stroke="var(--color-base-300)" vertical={false} />
            <XAxis
              dataKey="at"
              type="number"
              scale="time"
              domain={['dataMin', 'dataMax']}
              tickFormatter={(at: number) => format.day(new Date(at).toISOString().slice(0, 10))}
              stroke="var(--color-base-content)"
              tick={{ fill: 'var(--color-base-content)', fontSize: 13 }}
            />
            <YAxis
              width={72}
              tickFormatter={(amount: number) => about(amount * units)}
              stroke="var(--color-base-content)"
              tick={{ fill: 'var(--color-base-content)', fontSize: 13 }}
            />
            <Area
              dataKey="fan"
              stroke="none"
              fill="var(--color-primary)"
              fillOpacity={0.2}
              isAnimationActive={false}
              type="stepAfter"
            />
            <Line
              dataKey="expected"
              stroke="var(--color-primary)"
              strokeWidth={2.5}
              dot={{ r: 3 }}
              isAnimationActive={false}
              type="stepAfter"
            />
            {worthMinor !== undefined && (
              <ReferenceLine
                y={worthMinor / units}
                stroke="var(--color-secondary)"
                strokeDasharray="6 4"
                ifOverflow="extendDomain"
                label={{
                  value: t('growth.worth'),
                  position: 'insideBottomRight',
                  fill: 'var(--color-secondary)',
                  fontSize: 13,
                }}
              />
            )}
          </ComposedChart>
        </ResponsiveContainer>
      </div>
      <SaveChart drawing={drawing} name={t('growth.chart')} />
      <DaysTable growth={g} />
    </figure>
  )
}

function DaysTable({ growth: g }: { growth: Growth }) {
  const { t } = useTranslation()
  const format = useFormat()
  return (
    <details className="mt-2">
      <summary className="cursor-pointer py-2 font-semibold">{t('growth.table')}</summary>
      <table className="w-full max-w-2xl tabular-nums">
        <thead>
          <tr className="border-b-2 border-base-content">
            {(['day', 'low', 'expected', 'high'] as const).map((column, i) => (
              <th key={column} scope="col" className={`py-1 ${i ? 'text-right' : 'text-left'}`}>
                {t(`growth.${column}`)}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {g.days.map((d, i) => (
            <tr key={i} className="border-b border-base-300">
              <th scope="row" className="py-1 text-left font-normal">
                {format.dayAndYear(d.on)}
              </th>
              {[d.lowMinor, d.expectedMinor, d.highMinor].map((minor, j) => (
                <td key={j} className="py-1 text-right">
                  {format.guess(minor, g.currency)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </details>
  )
}
