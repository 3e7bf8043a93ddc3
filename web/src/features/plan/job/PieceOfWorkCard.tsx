import { useTranslation } from 'react-i18next'
import { Check, Circle, CircleDashed, CircleDot, Minus } from 'lucide-react'
import { hours, useFormat } from '@/ui/format/format'
import { standingOf, type Job, type PieceOfWork } from './jobWork'

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

/** A package: what is left of it, what it costs, where it stands; its steps, from the first to the last, open inside. */
export function PieceOfWorkCard({
  piece,
  all,
  notes,
  folded,
  onOpen,
}: {
  piece: PieceOfWork
  all: Job[]
  notes: string[]
  folded: boolean
  onOpen: (jobId: string) => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const left = piece.jobs.reduce((sum, j) => sum + j.leftMinutes, 0)
  const cost = piece.jobs.reduce((sum, j) => sum + (j.toBuyMinor ?? 0), 0)
  const unpriced = piece.jobs.reduce((sum, j) => sum + j.unvalued, 0)
  const facts = [
    t(`work.standing.${standingOf(piece)}`),
    t('work.steps', { done: piece.jobs.filter((j) => j.over).length, count: piece.jobs.length }),
    cost > 0 && t('phases.toBuy', { money: format.roughly(cost, format.currency) }),
    unpriced > 0 && t('phases.unpriced', { count: unpriced }),
  ]
  return (
    <details className="card-sheet p-4" aria-label={piece.title} open={!folded}>
      <summary className="cursor-pointer">
        <span className="inline-flex w-[calc(100%-1.5rem)] items-baseline justify-between gap-3 align-top">
          <span className="text-lg font-semibold">{piece.title}</span>
          {left > 0 && (
            <span className="quiet whitespace-nowrap text-sm">{t('work.left', { hours: hours(left) })}</span>
          )}
        </span>
        <span className="quiet block text-sm">{facts.filter(Boolean).join(' · ')}</span>
        {notes.map((note) => (
          <span key={note} className="mt-1 block border-l-4 border-accent pl-2">
            {t('work.note', { note })}
          </span>
        ))}
      </summary>
      <ol className="mt-2">
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
    </details>
  )
}

function Waiting({ job, all }: { job: Job; all: Job[] }) {
  const { t } = useTranslation()
  if (job.over) return null
  if (job.standing === 'BY_OTHERS') return <> · {t('work.byOthers')}</>
  const before = all.filter((j) => job.waitsFor.includes(j.id))
  return (
    <>
      {before.length > 0 && ` · ${t('work.after', { codes: before.map((b) => b.code).join(', ') })}`}
      {job.lacks.length > 0 && ` · ${t('work.needs', { parts: job.lacks.join(', ') })}`}
      {before.length === 0 && job.lacks.length === 0 && ` · ${t(job.gated ? 'work.gated' : 'work.canStart')}`}
    </>
  )
}
