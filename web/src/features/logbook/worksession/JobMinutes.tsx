import { useTranslation } from 'react-i18next'
import { Interlocks } from '@/ui/safety/Interlocks'
import { hours } from '@/ui/format/format'

const steps = [15, 30, 60] as const

/** How long on one job, in steps for a thumb. */
export function JobMinutes({
  title,
  asks,
  minutes,
  onChange,
  finished,
  onFinished,
}: {
  title: string
  /** The job whose conditions are asked here too: unanswered, it is begun and cannot be finished. */
  asks: string | undefined
  minutes: number
  onChange: (minutes: number) => void
  /** Undefined where that is not asked. */
  finished: boolean | undefined
  onFinished: (finished: boolean) => void
}) {
  const { t } = useTranslation()
  return (
    <div className="card-sheet p-2">
      <p className="font-semibold">{title}</p>
      <div className="mt-1 flex flex-wrap items-center gap-1">
        <span className="min-w-16 text-lg font-bold" aria-live="polite">
          {hours(minutes)}
        </span>
        {steps.map((s) => (
          <button key={s} type="button" className="btn btn-sm min-h-11" onClick={() => onChange(minutes + s)}>
            +{hours(s)}
          </button>
        ))}
        <button type="button" className="btn btn-sm min-h-11" onClick={() => onChange(Math.max(15, minutes - 15))}>
          −{hours(15)}
        </button>
        <button type="button" className="btn btn-ghost btn-sm min-h-11" onClick={() => onChange(0)}>
          {t('workSession.remove')}
        </button>
      </div>
      {finished !== undefined && (
        <label className="flex min-h-11 cursor-pointer items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={finished}
            onChange={(e) => onFinished(e.target.checked)}
          />
          {t('workSession.finished')}
        </label>
      )}
      {asks && (
        <details className="mt-1">
          <summary className="cursor-pointer py-2 font-semibold">{t('workSession.madeSure')}</summary>
          <p className="quiet text-sm">{t('workSession.madeSureWhy')}</p>
          <Interlocks jobId={asks} />
        </details>
      )}
    </div>
  )
}
