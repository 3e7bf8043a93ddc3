import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { jobsQuery, needsQuery } from '@/api/queries'
import { Empty, Loaded } from '@/ui/page/Feedback'
import { Choice } from '@/ui/form/Field'
import { Page } from '@/ui/page/Page'
import { hours } from '@/ui/format/format'
import { useZoneNames } from '@/ui/format/names/zones'
import { JobForm } from './sheet/JobForm'
import { JobSheet } from './sheet/JobSheet'
import { PieceOfWorkCard } from './PieceOfWorkCard'
import { useNotes } from './useNotes'
import { byPhase, groupings, groupsOf, piecesOf, standingOf, type Grouping, type PieceOfWork } from './jobWork'
import { ScopeAside } from '../scope/ScopeAside'
import { scopeQuery } from '../scope/scope'
import type { Schemas } from '@/api/client'

/** So many open steps are all shown at once. */
const FEW = 15

/** The work as a list of pieces, each a chain of jobs. */
export function WorkPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const work = useQuery(jobsQuery(projectId))
  const needs = useQuery(needsQuery(projectId))
  return (
    <Loaded query={work} what={t('work.loading')}>
      {(w) => (
        <Loaded query={needs} what={t('work.loading')}>
          {(n) => <Work projectId={projectId} work={w} needs={n} />}
        </Loaded>
      )}
    </Loaded>
  )
}

function Work({
  projectId,
  work,
  needs,
}: {
  projectId: string
  work: Schemas['WorkResponse']
  needs: Schemas['Need'][]
}) {
  const { t } = useTranslation()
  const [params, setParams] = useSearchParams()
  const pieces = piecesOf(work.chains, work.jobs, { shared: t('work.shared'), singles: t('work.singles') })
  const job = work.jobs.find((j) => j.id === params.get('job'))
  const adding = params.has('new')
  const scope = useQuery(scopeQuery(projectId))
  const notes = useNotes(projectId)
  const [by, setBy] = useState<Grouping>('PHASE')
  const nameOf = useZoneNames(projectId)
  const groups =
    by === 'PHASE'
      ? byPhase(pieces).map((g) => ({ name: g.phase ? t(`phase.${g.phase}`) : '', pieces: g.pieces }))
      : groupsOf(pieces, by, (j) => {
          if (by === 'PLACE') return j.zone ? nameOf(j.zone) : ''
          return j.system ? t(`system.${j.system}`) : ''
        })
  const folds = work.jobs.filter((j) => !j.over).length > FEW
  return (
    <Page
      title={t('work.title')}
      words={['job', 'pieceOfWork', 'condition']}
      answer={work.jobs.length === 0 ? t('work.nothing') : <WorkAnswer progress={work.progress} />}
      action={
        <button type="button" className="btn btn-primary" onClick={() => setParams({ new: '1' })}>
          <Plus className="size-5" aria-hidden="true" />
          {t('work.add')}
        </button>
      }
    >
      {pieces.length === 0 && <Empty title={t('work.emptyTitle')}>{t('work.empty')}</Empty>}
      {pieces.length > 0 && (
        <div className="grid gap-x-8 lg:grid-cols-[3fr_2fr]">
          <div>
            <div className="mb-3 max-w-xs">
              <Choice label={t('work.groupBy')} value={by} onChange={(e) => setBy(e.target.value as Grouping)}>
                {groupings.map((g) => (
                  <option key={g} value={g}>
                    {t(`work.group.${g}`)}
                  </option>
                ))}
              </Choice>
            </div>
            {groups.map((g) => (
              <div key={g.name} className="mb-4 grid gap-4">
                {g.name && <GroupTitle name={g.name} pieces={g.pieces} />}
                {g.pieces.map((p) => (
                  <PieceOfWorkCard
                    key={p.id}
                    piece={p}
                    all={work.jobs}
                    notes={notes.filter((n) => p.jobs.some((j) => j.id === n.jobId)).map((n) => n.text)}
                    folded={folds && standingOf(p) !== 'IN_HAND'}
                    onOpen={(id) => setParams({ job: id })}
                  />
                ))}
              </div>
            ))}
          </div>
          <div>
            {scope.data && (
              <ScopeAside
                projectId={projectId}
                scope={scope.data}
                jobs={work.jobs}
                onOpen={(id) => setParams({ job: id })}
              />
            )}
          </div>
        </div>
      )}
      {job && (
        <JobSheet
          key={job.id}
          job={job}
          all={work.jobs}
          needs={needs.filter((n) => n.jobId === job.id)}
          onClose={() => setParams({})}
        />
      )}
      {adding && (
        <JobForm
          projectId={projectId}
          all={work.jobs}
          {...(params.get('new') !== '1' ? { findingId: params.get('new')! } : {})}
          onClose={() => setParams({})}
        />
      )}
    </Page>
  )
}

function GroupTitle({ name, pieces }: { name: string; pieces: PieceOfWork[] }) {
  const { t } = useTranslation()
  const left = pieces.flatMap((p) => p.jobs).reduce((sum, j) => sum + j.leftMinutes, 0)
  return (
    <div className="flex items-baseline justify-between gap-3 border-b-2 border-base-300 pb-1">
      <h2 className="text-xl font-semibold">{name}</h2>
      <span className="quiet text-sm">{left > 0 ? t('work.left', { hours: hours(left) }) : t('work.allDone')}</span>
    </div>
  )
}

/** How far it is, and what can be taken up at once. */
function WorkAnswer({ progress }: { progress: Schemas['ProgressResponse'] }) {
  const { t } = useTranslation()
  return (
    <>
      {t('work.earned', {
        percent: progress.earnedPercent,
        hours: hours(Math.round(progress.scopeMinutes / 15) * 15),
      })}{' '}
      {t('work.ready', { count: progress.ready })}{' '}
      {progress.waitForParts > 0 && t('work.waiting', { count: progress.waitForParts })}
    </>
  )
}
