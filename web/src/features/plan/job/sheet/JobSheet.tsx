import { useState } from 'react'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Cautions } from '@/ui/safety/Cautions'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Interlocks } from '@/ui/safety/Interlocks'
import { Photos } from '@/ui/photos/Photos'
import { useAmounts } from '@/ui/format/amounts'
import { Sheet } from '@/ui/form/Sheet'
import { hours } from '@/ui/format/format'
import { Conditions } from '../../condition/Conditions'
import { JobForm } from './JobForm'
import { JobAccess } from '../../access/JobAccess'
import { Permit } from './Permit'
import { PlanB } from '../../fallback/PlanB'
import { Reach } from '../../reach/Reach'
import { ItsFindings } from './ItsFindings'
import { ShapeJob } from './ShapeJob'
import { Stuck } from './Stuck'
import { GivenAway } from '../../givenaway/GivenAway'
import { Made } from '../../made/Made'
import { ToHand } from '../../tohand/ToHand'
import type { Job } from '../jobWork'

/** One job: the dangers first, then how it stands and where it can go from here. */
export function JobSheet({
  job,
  all,
  needs,
  onClose,
}: {
  job: Job
  all: Job[]
  needs: Schemas['Need'][]
  onClose: () => void
}) {
  const { t } = useTranslation()
  const amount = useAmounts()
  const { projectId = '' } = useParams()
  const [editing, setEditing] = useState(false)
  if (editing) return <JobForm projectId={projectId} job={job} all={all} onClose={() => setEditing(false)} />
  return (
    <Sheet title={job.title} onClose={onClose}>
      <div className="grid gap-4">
        <p className="flex flex-wrap items-baseline gap-x-4 gap-y-1">
          <span className="label-code text-lg">{job.code}</span>
          <span>{t(`operation.${job.operation}`)}</span>
          <span>{t('job.spent', { spent: hours(job.spentMinutes), likely: hours(job.effort.likelyMinutes) })}</span>
          <span className="quiet">{t(`aim.${job.aim}`)}</span>
          {job.pieces > 1 && <span>{t('job.pieceCount', { count: job.pieces })}</span>}
          {job.details.length > 0 && (
            <span className="quiet">{job.details.map((d) => t(`detail.${d}`)).join(', ')}</span>
          )}
        </p>
        {job.state !== 'VERIFIED' && <Cautions cautions={job.cautions} />}
        <Permit job={job} />
        {!job.over && <Interlocks jobId={job.id} />}
        <StateButtons job={job} />
        {job.halfOpen && (
          <p className="border-l-4 border-accent pl-3">
            {t('job.halfOpen')}: {job.halfOpen}
          </p>
        )}
        {job.note && <p className="whitespace-pre-wrap">{job.note}</p>}
        {needs.length > 0 && (
          <div>
            <h3 className="font-semibold">{t('job.needs')}</h3>
            <ul>
              {needs.map((n) => (
                <li key={n.id}>
                  <Link className="link" to={`/p/${projectId}/parts?need=${n.id}`}>
                    {n.title}
                  </Link>
                  {(n.unit !== 'PIECE' || n.quantity > 1) && ` × ${amount(n)}`}{' '}
                  <span className="quiet text-sm">{t(`needState.${n.state}`)}</span>
                  {n.placeCode && <span className="label-code ml-2 text-sm">{n.placeCode}</span>}
                </li>
              ))}
            </ul>
          </div>
        )}
        <ToHand projectId={projectId} job={job} />
        <GivenAway projectId={projectId} job={job} />
        <Made projectId={projectId} job={job} />
        <JobAccess projectId={projectId} jobId={job.id} />
        <Before job={job} all={all} />
        <Conditions job={job} />
        <PlanB job={job} />
        <Stuck job={job} />
        <Reach projectId={projectId} job={job} />
        <ItsFindings job={job} />
        <ShapeJob job={job} all={all} />
        <Photos subject="JOB" subjectId={job.id} />
        <div className="flex flex-wrap gap-2">
          <Link className="btn" to={`/p/${projectId}/logbook?new=${job.id}`}>
            {t('job.logTime')}
          </Link>
          <Link className="btn" to={`/p/${projectId}/parts?new=${job.id}`}>
            {t('job.addNeed')}
          </Link>
          <button type="button" className="btn" onClick={() => setEditing(true)}>
            {t('job.edit')}
          </button>
        </div>
      </div>
    </Sheet>
  )
}

function StateButtons({ job }: { job: Job }) {
  const { t } = useTranslation()
  const move = useWrite(
    (body: Schemas['JobStateRequest'], id) =>
      unwrap(api.POST('/api/jobs/{id}/state', { params: { path: { id: job.id } }, body, ...write(id) })),
    { said: (v) => t('job.moved', { code: job.code, state: t(`jobState.${v.state}`) }) },
  )
  const forward = job.next.includes('VERIFIED') ? 'VERIFIED' : job.next.includes('FINISHED') ? 'FINISHED' : 'BEGUN'
  return (
    <div>
      <p className="mb-2">
        {t('job.stands')} <strong>{t(`jobState.${job.state}`)}</strong>
      </p>
      <div className="flex flex-wrap gap-2">
        {job.next.map((state) => (
          <button
            key={state}
            type="button"
            className={`btn ${state === forward ? 'btn-primary' : ''}`}
            disabled={move.isPending}
            onClick={() => move.mutate({ state, version: job.version })}
          >
            {t(`moveTo.${state}`)}
          </button>
        ))}
      </div>
      <ProblemAlert error={move.error} />
    </div>
  )
}

function Before({ job, all }: { job: Job; all: Job[] }) {
  const { t } = useTranslation()
  const before = all.filter((j) => job.after.includes(j.id))
  if (before.length === 0) return null
  return (
    <p>
      {t('job.follows')} {before.map((b) => `${b.code} ${b.title} (${t(`jobState.${b.state}`)})`).join('; ')}
    </p>
  )
}
