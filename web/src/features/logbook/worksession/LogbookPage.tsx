import { useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { workSessionsQuery } from '@/api/queries'
import { Plus } from 'lucide-react'
import type { Schemas } from '@/api/client'
import { workSessionBegunQuery } from '@/api/queries'
import { Empty, Loaded } from '@/ui/page/Feedback'
import { Further, Page } from '@/ui/page/Page'
import { Photos } from '@/ui/photos/Photos'
import { hours, useFormat } from '@/ui/format/format'
import { workedMinutes } from '@/ui/format/worked'
import { WorkSessionForm } from './WorkSessionForm'
import { HowItGoes } from '../progress/HowItGoes'

type WorkSession = Schemas['WorkSessionResponse']

/** The logbook: what was done on which evening, and what to begin with next time. */
export function LogbookPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const [params, setParams] = useSearchParams()
  const workSessions = useQuery(workSessionsQuery(projectId))
  const close = () => setParams({})
  return (
    <Loaded query={workSessions} what={t('workSession.loading')}>
      {(list) => (
        <Page
          title={t('workSession.title')}
          words={['session']}
          answer={<LogAnswer workSessions={list} />}
          action={
            <button type="button" className="btn btn-primary" onClick={() => setParams({ new: '1' })}>
              <Plus className="size-5" aria-hidden="true" />
              {t('workSession.add')}
            </button>
          }
        >
          {list.length === 0 && <Empty title={t('workSession.emptyTitle')}>{t('workSession.empty')}</Empty>}
          <HowItGoes projectId={projectId} />
          <ol className="grid gap-4">
            {list.map((e) => (
              <WorkSessionCard key={e.id} workSession={e} onEdit={() => setParams({ edit: e.id })} />
            ))}
          </ol>
          {params.has('new') && <NewWorkSession projectId={projectId} about={params.get('new')!} onClose={close} />}
          {params.has('edit') && list.some((e) => e.id === params.get('edit')) && (
            <WorkSessionForm
              projectId={projectId}
              workSession={list.find((e) => e.id === params.get('edit'))!}
              onClose={close}
            />
          )}
        </Page>
      )}
    </Loaded>
  )
}

/** @param about 1, the job that was worked on, or `begun` for the evening that goes on */
function NewWorkSession({ projectId, about, onClose }: { projectId: string; about: string; onClose: () => void }) {
  const begun = useQuery({ ...workSessionBegunQuery, enabled: about === 'begun' })
  if (about === 'begun') {
    if (begun.isPending) return null
    const here = begun.data?.projectId === projectId ? begun.data : undefined
    const work = (here?.work ?? [])
      .filter((w) => w.minutes > 0)
      .map(({ jobId, access, minutes, tickedAt }) => ({ jobId, access, minutes, finished: !!jobId && !!tickedAt }))
    return <WorkSessionForm projectId={projectId} work={work} begunAt={here?.begunAt} onClose={onClose} />
  }
  return (
    <WorkSessionForm
      projectId={projectId}
      {...(about !== '1' && { work: [{ jobId: about, minutes: 60 }] })}
      onClose={onClose}
    />
  )
}

function LogAnswer({ workSessions }: { workSessions: WorkSession[] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const last = workSessions[0]
  const open = workSessions.find((e) => e.noteToSelf && !e.noteDone)
  if (!last) return t('workSession.nothing')
  const total = workedMinutes(...workSessions)
  return (
    <>
      {t('workSession.sum', { count: workSessions.length, hours: hours(total), day: format.day(last.workedOn) })}
      {open && <Further>{t('workSession.yourNote', { note: open.noteToSelf })}</Further>}
    </>
  )
}

function WorkSessionCard({ workSession: e, onEdit }: { workSession: WorkSession; onEdit: () => void }) {
  const { t } = useTranslation()
  const format = useFormat()
  return (
    <li className="card-sheet grid gap-2 p-4">
      <div className="flex items-baseline justify-between gap-3">
        <h2 className="text-lg font-semibold">{format.dayAndYear(e.workedOn)}</h2>
        <span className="quiet whitespace-nowrap text-sm">
          {e.person}, {hours(workedMinutes(e))}
        </span>
      </div>
      <ul>
        {e.work.map((w) => (
          <li key={w.jobId ?? w.access} className="flex items-baseline gap-2">
            {w.code && <span className="label-code text-sm">{w.code}</span>}
            <span className="grow">{w.access ? t('workSession.wayIn', { what: w.title }) : w.title}</span>
            <span className="quiet whitespace-nowrap text-sm">{hours(w.minutes)}</span>
          </li>
        ))}
      </ul>
      {e.done && <p className="whitespace-pre-wrap">{e.done}</p>}
      {e.learned && (
        <p>
          <span className="quiet">{t('workSession.learned')}:</span> {e.learned}
        </p>
      )}
      {e.noteToSelf && (
        <p className={`border-l-4 pl-3 ${e.noteDone ? 'border-base-300' : 'border-accent'}`}>
          <span className="quiet">{t(e.noteDone ? 'workSession.noteDone' : 'workSession.noteToSelf')}:</span>{' '}
          {e.noteToSelf}
        </p>
      )}
      <details>
        <summary className="cursor-pointer py-1 text-sm font-semibold">{t('workSession.more')}</summary>
        <div className="grid gap-2 pt-2">
          <Photos subject="WORK_SESSION" subjectId={e.id} />
          <div>
            <button type="button" className="btn" onClick={onEdit}>
              {t('workSession.edit')}
            </button>
          </div>
        </div>
      </details>
    </li>
  )
}
