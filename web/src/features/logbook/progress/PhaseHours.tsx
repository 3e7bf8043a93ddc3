import { useRef } from 'react'
import { Bar, BarChart, CartesianGrid, ResponsiveContainer, XAxis, YAxis } from 'recharts'
import { useTranslation } from 'react-i18next'
import { hours } from '@/ui/format/format'
import { SaveChart } from '@/ui/chart/SaveChart'
import type { Progress } from './queries'
import { guessed } from './guessed'

const ROW = 52
const tick = { fill: 'var(--color-base-content)', fontSize: 13 }

/** By phase: hours thought of, and hours worked so far; the table says the same. */
export function PhaseHours({ phases }: { phases: Progress['phases'] }) {
  const { t } = useTranslation()
  const drawing = useRef<HTMLDivElement>(null)
  const height = ROW * phases.length + 40
  const points = phases.map((p) => ({
    phase: t(`phase.${p.phase}`),
    thought: p.thoughtMinutes / 60,
    spent: p.spentMinutes / 60,
  }))
  return (
    <figure>
      <p className="mb-1 flex flex-wrap gap-x-4 text-sm">
        <Key look="border-2 border-primary" word={t('progress.thought')} />
        <Key look="bg-primary" word={t('progress.took')} />
      </p>
      <div ref={drawing} role="img" aria-label={t('progress.byPhase')}>
        <ResponsiveContainer width="100%" height={height} initialDimension={{ width: 480, height }}>
          <BarChart data={points} layout="vertical" barGap={0} margin={{ right: 16 }} accessibilityLayer={false}>
            <CartesianGrid stroke="var(--color-base-300)" horizontal={false} />
            <XAxis type="number" unit=" h" stroke="var(--color-base-content)" tick={tick} />
            <YAxis type="category" dataKey="phase" width={116} stroke="var(--color-base-content)" tick={tick} />
            <Bar
              dataKey="thought"
              fill="var(--color-base-100)"
              stroke="var(--color-primary)"
              strokeWidth={2}
              isAnimationActive={false}
            />
            <Bar dataKey="spent" fill="var(--color-primary)" isAnimationActive={false} />
          </BarChart>
        </ResponsiveContainer>
      </div>
      <SaveChart drawing={drawing} name={t('progress.byPhase')} />
      <div className="overflow-x-auto">
        <table className="mt-2 w-full text-sm tabular-nums">
          <thead>
            <tr className="border-b-2 border-base-content">
              {(['phase', 'jobsOf', 'doneShare', 'thought', 'took'] as const).map((column, i) => (
                <th key={column} scope="col" className={`py-1 ${i ? 'pl-3 text-right' : 'text-left'}`}>
                  {t(`progress.${column}`)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {phases.map((p) => (
              <tr key={p.phase} className="border-b border-base-300">
                <th scope="row" className="py-1 text-left font-normal">
                  {t(`phase.${p.phase}`)}
                </th>
                <td className="py-1 pl-3 text-right">{t('progress.ofJobs', { done: p.jobsDone, count: p.jobs })}</td>
                <td className="py-1 pl-3 text-right">{p.percent} %</td>
                <td className="whitespace-nowrap py-1 pl-3 text-right">{hours(guessed(p.thoughtMinutes))}</td>
                <td className="whitespace-nowrap py-1 pl-3 text-right">{hours(p.spentMinutes)}</td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
    </figure>
  )
}

function Key({ look, word }: { look: string; word: string }) {
  return (
    <span className="flex items-center gap-1.5">
      <span aria-hidden="true" className={`inline-block h-3 w-5 ${look}`} />
      {word}
    </span>
  )
}
