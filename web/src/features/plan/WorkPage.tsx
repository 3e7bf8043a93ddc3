import { useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { jobsQuery, needsQuery } from '@/api/queries'
import { Empty, Loaded } from '@/ui/Feedback'
import { Page } from '@/ui/Page'
import { hours } from '@/ui/format'
import { JobForm } from './JobForm'
import { JobSheet } from './JobSheet'
import { PieceOfWorkCard } from './PieceOfWorkCard'
import { piecesOf } from './jobWork'
import type { Schemas } from '@/api/client'

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
  needs: Schemas['NeedRow'][]
}) {
  const { t } = useTranslation()
  const [params, setParams] = useSearchParams()
  const pieces = piecesOf(work.chains, work.jobs, t('work.singles'))
  const job = work.jobs.find((j) => j.id === params.get('job'))
  const adding = params.has('new')
  return (
    <Page
      title={t('work.title')}
      answer={work.jobs.length === 0 ? t('work.nothing') : <WorkAnswer progress={work.progress} />}
      action={
        <button type="button" className="btn btn-primary" onClick={() => setParams({ new: '1' })}>
          <Plus className="size-5" aria-hidden="true" />
          {t('work.add')}
        </button>
      }
    >
      {pieces.length === 0 && <Empty title={t('work.emptyTitle')}>{t('work.empty')}</Empty>}
      <div className="gap-4 lg:columns-2 [&>section]:mb-4 [&>section]:break-inside-avoid">
        {pieces.map((p) => (
          <PieceOfWorkCard key={p.id} piece={p} all={work.jobs} onOpen={(id) => setParams({ job: id })} />
        ))}
      </div>
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
