import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { hours, useFormat } from '@/ui/format/format'
import { workPath } from '@/ui/format/workPath'
import { Fetch } from '../evidence'
import { BeforeAccess, BeforeJob } from './BeforeStep'
import type { Today } from '../sentences'

type Begun = Schemas['BegunResponse']
type Step = Begun['work'][number]

/** The steps of the evening that goes on, each with a box for a thumb: what is ticked keeps the time that it took. */
export function Checklist({ begun, today }: { begun: Begun; today: Today }) {
  const { t } = useTranslation()
  const atHand = begun.work.find((w) => !w.tickedAt)
  return (
    <div>
      <p className="quiet mb-2 text-sm">{t('today.tickHow')}</p>
      <ol className="grid gap-2" aria-label={t('today.steps')}>
        {begun.work.map((step) => (
          <ChecklistStep key={step.jobId ?? step.access} step={step} today={today} atHand={step === atHand} />
        ))}
      </ol>
    </div>
  )
}

/** What is pressed shows at once; it falls back to what is stored when that changes, or when the change was refused. */
function useTick({ jobId, access, tickedAt }: Step) {
  const [pressed, setPressed] = useState<boolean>()
  const [stored, setStored] = useState(tickedAt)
  if (stored !== tickedAt) {
    setStored(tickedAt)
    setPressed(undefined)
  }
  const tick = useWrite(
    (done: boolean, id) =>
      unwrap(
        api.PUT('/api/work-session-begun/ticks', {
          body: { what: jobId ? { jobId } : { access: access! }, done },
          ...write(id),
        }),
      ),
    { undoable: false },
  )
  return {
    checked: pressed ?? !!tickedAt,
    error: tick.error,
    press: (done: boolean) => {
      setPressed(done)
      tick.mutate(done, { onError: () => setPressed(undefined) })
    },
  }
}

function ChecklistStep({ step, today, atHand }: { step: Step; today: Today; atHand: boolean }) {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  const format = useFormat()
  const { checked, error, press } = useTick(step)
  const planned = today.tonight?.jobs.find((j) =>
    step.jobId ? j.kind === 'JOB' && j.id === step.jobId : j.access === step.access,
  )
  return (
    <li className={`card-sheet p-1 ${atHand ? 'border-l-4 border-accent' : ''}`}>
      <div className="flex flex-wrap items-center gap-x-1">
        <label className="flex min-h-12 grow basis-64 cursor-pointer items-center gap-3 p-2">
          <input
            type="checkbox"
            className="checkbox size-7 shrink-0"
            checked={checked}
            onChange={(e) => press(e.target.checked)}
          />
          <span className={checked ? 'quiet line-through' : 'font-semibold'}>
            {planned?.code && <span className="label-code mr-2">{planned.code}</span>}
            {step.title}
          </span>
        </label>
        <span className="quiet ml-12 grow whitespace-nowrap text-sm sm:ml-0 sm:grow-0">
          {step.tickedAt
            ? t('today.tookUntil', { time: hours(step.minutes), at: format.time(step.tickedAt) })
            : planned && t('today.thought', { time: hours(planned.minutes) })}
        </span>
        <Link
          className="btn btn-ghost min-h-11"
          to={workPath(projectId, step.jobId ? { kind: 'JOB', id: step.jobId } : { kind: 'STRIP', id: '' })}
          aria-label={t('actOn', { act: t('today.how'), what: step.title })}
        >
          {t('today.how')}
        </Link>
      </div>
      {(atHand || error) && step.jobId && <BeforeJob jobId={step.jobId} />}
      {atHand && planned?.kind === 'STRIP' && <BeforeAccess stripDown={planned.id} />}
      {!checked && planned && (
        <div className="mb-2 ml-12">
          <Fetch fetch={planned.fetch} />
        </div>
      )}
      <ProblemAlert error={error} />
    </li>
  )
}
