import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Part } from '@/ui/page/Page'
import { hours, useFormat } from '@/ui/format/format'
import type { Job } from '../job/jobWork'
import { AimPreview } from './AimPreview'
import { PanelCover } from './PanelCover'
import { Repeats } from './Repeats'
import type { Scope } from './scope'

/** What the scope says beside its list: how it grew, what is half closed, what goes into one session, what comes again and again. */
export function ScopeAside({
  projectId,
  scope: s,
  jobs,
  onOpen,
}: {
  projectId: string
  scope: Scope
  jobs: Job[]
  onOpen: (jobId: string) => void
}) {
  const { t } = useTranslation()
  const jobOf = (id: string) => jobs.find((j) => j.id === id)
  return (
    <>
      <HowFar projectId={projectId} scope={s} />
      <JobNames
        title={t('scope.halfClosed')}
        hint={t('scope.halfClosedHint')}
        jobs={s.halfClosed.map(jobOf)}
        onOpen={onOpen}
        more={(j) => [t(`jobState.${j.state}`), j.halfOpen].filter(Boolean).join(': ')}
      />
      <JobNames
        title={t('scope.aboveAim')}
        hint={t('scope.aboveAimHint')}
        jobs={s.aboveAim.map(jobOf)}
        onOpen={onOpen}
        more={(j) => t(`aim.${j.aim}`)}
      />
      {s.batches.length > 0 && (
        <Part title={t('scope.batches')}>
          <ul>
            {s.batches.map((b) => (
              <li key={b.operation} className="border-b border-base-300 py-1">
                <span className="font-semibold">
                  {t('scope.batch', { operation: t(`operation.${b.operation}`), count: b.pieces })}
                </span>
                <span className="quiet block text-sm">
                  {b.jobs.map((j) => `${jobOf(j)?.code} ${jobOf(j)?.title}`).join('; ')}
                </span>
              </li>
            ))}
          </ul>
        </Part>
      )}
      <Repeats projectId={projectId} scope={s} />
      <AimPreview projectId={projectId} scope={s} />
      <PanelCover />
    </>
  )
}

function HowFar({ projectId, scope: s }: { projectId: string; scope: Scope }) {
  const { t } = useTranslation()
  const format = useFormat()
  const g = s.growth
  const set = useWrite(
    (_: object, id) =>
      unwrap(api.POST('/api/projects/{projectId}/scope/baseline', { params: { path: { projectId } }, ...write(id) })),
    { said: () => t('scope.baselineSet') },
  )
  return (
    <Part title={t('scope.title')}>
      {g.baselineOn ? (
        <>
          <p>
            {t(g.growthPercent > 0 ? 'scope.grown' : g.growthPercent < 0 ? 'scope.shrunk' : 'scope.same', {
              date: format.dayAndYear(g.baselineOn),
              from: hours(g.baselineMinutes),
              to: hours(g.presentMinutes),
              percent: Math.abs(g.growthPercent),
            })}{' '}
            {t('scope.done', { baseline: g.doneOfBaseline, present: g.doneOfPresent })}
          </p>
          <ul className="list-disc pl-5">
            {Object.entries(g.added).map(([cause, a]) => (
              <li key={cause}>
                {t('scope.added', {
                  count: a.jobs,
                  hours: hours(a.minutes),
                  cause: t(`cause.${cause as Job['cause']}`),
                })}
              </li>
            ))}
            {g.dropped.jobs > 0 && (
              <li>{t('scope.dropped', { count: g.dropped.jobs, hours: hours(g.dropped.minutes) })}</li>
            )}
          </ul>
        </>
      ) : (
        <p>{t('scope.noBaseline')}</p>
      )}
      <ProblemAlert error={set.error} />
      <button type="button" className="btn mt-2" disabled={set.isPending} onClick={() => set.mutate({})}>
        {t(g.baselineOn ? 'scope.setAgain' : 'scope.setBaseline')}
      </button>
    </Part>
  )
}

function JobNames({
  title,
  hint,
  jobs,
  onOpen,
  more,
}: {
  title: string
  hint: string
  jobs: (Job | undefined)[]
  onOpen: (jobId: string) => void
  more: (job: Job) => string
}) {
  const shown = jobs.filter((j): j is Job => j !== undefined)
  if (shown.length === 0) return null
  return (
    <Part title={title}>
      <p className="quiet text-sm">{hint}</p>
      <ul>
        {shown.map((j) => (
          <li key={j.id} className="border-b border-base-300 py-1">
            <button type="button" className="link min-h-11 text-left" onClick={() => onOpen(j.id)}>
              {j.code} {j.title}
            </button>{' '}
            <span className="quiet text-sm">{more(j)}</span>
          </li>
        ))}
      </ul>
    </Part>
  )
}
