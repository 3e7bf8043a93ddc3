import { useTranslation } from 'react-i18next'
import { Check, Circle, CircleDashed, CircleDot, Minus } from 'lucide-react'
import { hours } from '@/ui/format/format'
import type { Job, PieceOfWork } from './jobWork'

const icons = {
  PROPOSED: CircleDashed,
  PLANNED: Circle,
  BEGUN: CircleDot,
  TRIAL_FITTED: CircleDot,
  LOOSE: CircleDot,
  WORKS_NOT_BUTTONED_UP: CircleDot,
  FINISHED: CircleDot,
  VERIFIED: Check,
  DROPPED: Minus,
} as const

/** A chain of jobs from the first step to the last, drawn along one line. */
export function PieceOfWorkCard({
  piece,
  all,
  onOpen,
}: {
  piece: PieceOfWork
  all: Job[]
  onOpen: (jobId: string) => void
}) {
  const { t } = useTranslation()
  const left = piece.jobs.reduce((sum, j) => sum + j.leftMinutes, 0)
  return (
    <section className="card-sheet p-4" aria-label={piece.title}>
      <div className="mb-2 flex items-baseline justify-between gap-3">
        <h2 className="text-lg font-semibold">{piece.title}</h2>
        <span className="quiet whitespace-nowrap text-sm">
          {left > 0 ? t('work.left', { hours: hours(left) }) : t('work.allDone')}
        </span>
      </div>
      <ol>
        {piece.jobs.map((job) => {
          const Icon = icons[job.state]
          return (
            <li key={job.id} className="border-t border-base-300 first:border-0">
              <button
                type="button"
                className="flex min-h-11 w-full items-start gap-3 rounded px-1 py-2 text-left hover:bg-base-100"
                onClick={() => onOpen(job.id)}
              >
                <Icon className="mt-0.5 size-5 shrink-0" aria-hidden="true" />
                <span className="grow">
                  <span className={job.state === 'VERIFIED' || job.state === 'DROPPED' ? 'quiet' : 'font-semibold'}>
                    {job.title}
                  </span>
                  <span className="quiet block text-sm">
                    {t(`jobState.${job.state}`)}
                    <Waiting job={job} all={all} />
                  </span>
                </span>
                <span className="label-code text-sm">{job.code}</span>
              </button>
            </li>
          )
        })}
      </ol>
    </section>
  )
}

function Waiting({ job, all }: { job: Job; all: Job[] }) {
  const { t } = useTranslation()
  if (job.over) return null
  const before = all.filter((j) => job.waitsFor.includes(j.id))
  return (
    <>
      {before.length > 0 && ` · ${t('work.after', { codes: before.map((b) => b.code).join(', ') })}`}
      {job.lacks.length > 0 && ` · ${t('work.needs', { parts: job.lacks.join(', ') })}`}
      {before.length === 0 && job.lacks.length === 0 && ` · ${t(job.gated ? 'work.gated' : 'work.canStart')}`}
    </>
  )
}
