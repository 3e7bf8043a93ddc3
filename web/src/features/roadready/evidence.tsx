import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Check } from 'lucide-react'
import { api, unwrap, write } from '@/api/client'
import { jobsQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { hours, useFormat } from '@/ui/format/format'
import { BlockerLine } from './road/BlockerLine'
import { inGroups } from '@/ui/format/names/partTask'
import { workPath } from '@/ui/format/workPath'
import { PartLink, type Today } from './sentences'

/** The jobs of the next stay, each with what to fetch and from where. */
export function TonightList({ today }: { today: Today }) {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  if (today.openJobs === 0 || !today.tonight) return null
  if (today.tonight.jobs.length === 0) return <p className="quiet">{t('today.nothingTonight')}</p>
  return (
    <ol className="grid gap-2">
      {today.tonight.jobs.map((job) => (
        <li key={job.kind + job.id} className="card-sheet p-3">
          <div className="flex items-baseline gap-3">
            {job.code && <span className="label-code">{job.code}</span>}
            <Link className="link grow font-semibold" to={workPath(projectId, job)}>
              {job.title}
            </Link>
            <span className="whitespace-nowrap">{hours(job.minutes)}</span>
          </div>
          <WhoAndWhere job={job} />
          <Fetch fetch={job.fetch} />
        </li>
      ))}
    </ol>
  )
}

type TonightJob = NonNullable<Today['tonight']>['jobs'][number]

/** Only what is not as usual: a second pair of hands, a place that somebody named. */
function WhoAndWhere({ job }: { job: TonightJob }) {
  const { t } = useTranslation()
  const facts = [job.people > 1 && t('today.hands', { count: job.people }), job.place].filter(Boolean)
  return facts.length > 0 ? <p className="quiet text-sm">{facts.join(' · ')}</p> : null
}

/** What has to be fetched for a step, with the label of the bag or shelf that it is in. */
export function Fetch({ fetch }: { fetch: NonNullable<Today['tonight']>['jobs'][number]['fetch'] }) {
  const { t } = useTranslation()
  if (fetch.length === 0) return null
  return (
    <ul className="mt-1">
      {fetch.map((f) => (
        <li key={f.needId} className="flex items-baseline gap-2 text-sm">
          <span className="label-code">{f.placeCode}</span>
          <span>{t('today.fetch', { part: f.title, place: f.placeName ?? '' })}</span>
        </li>
      ))}
    </ul>
  )
}

export function NoteToSelf({ today }: { today: Today }) {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const format = useFormat()
  const tick = useWrite(
    ({ id }: { id: string }, writeId) =>
      unwrap(
        api.PUT('/api/work-sessions/{id}/note', { params: { path: { id } }, body: { done: true }, ...write(writeId) }),
      ),
    { said: () => t('today.noteTicked') },
  )
  const { data: work } = useQuery(jobsQuery(projectId))
  const pieceOf = (jobId?: string) => {
    const job = work?.jobs.find((j) => j.id === jobId)
    return work?.chains.find((c) => c.id === job?.chainId)?.title ?? job?.title
  }
  const [latest, ...older] = today.notes
  if (!latest) return null
  const note = (n: Today['notes'][number]) => (
    <blockquote key={n.workSessionId} className="rounded border-l-4 border-accent bg-base-200 p-3">
      <div className="flex items-baseline justify-between gap-3">
        <p className="quiet text-sm">
          {t('today.noteFrom', { day: format.shortDay(n.workedOn) })}
          {pieceOf(n.jobId) && `, ${pieceOf(n.jobId)}`}
        </p>
        <button
          type="button"
          className="btn btn-ghost btn-sm no-print min-h-11"
          disabled={tick.isPending}
          onClick={() => tick.mutate({ id: n.workSessionId })}
        >
          <Check className="size-4" aria-hidden="true" />
          {t('today.noteDone')}
        </button>
      </div>
      <p className="whitespace-pre-wrap">{n.text}</p>
    </blockquote>
  )
  return (
    <div className="grid gap-2">
      {note(latest)}
      {older.length > 0 && (
        <details className="print-open">
          <summary className="cursor-pointer py-2 font-semibold">
            {t('today.olderNotes', { count: older.length })}
          </summary>
          <div className="grid gap-2">{older.map(note)}</div>
        </details>
      )}
    </div>
  )
}

/** What is to be done about parts, after the first; the rest is a press away. */
const FEW_PARTS = 4

export function PartList({ today }: { today: Today }) {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  const groups = inGroups(today.parts)
  const more = groups.length - 1 - FEW_PARTS
  return (
    <>
      <ul>
        {groups.slice(1, 1 + FEW_PARTS).map((group) => (
          <li
            key={`${group.first.kind}-${group.first.lineId ?? group.first.needId}`}
            className="border-b border-base-300 py-1.5 last:border-0"
          >
            <PartLink group={group} />
          </li>
        ))}
      </ul>
      {(more > 0 || today.onHold > 0) && (
        <p className="mt-1 text-sm">
          <Link className="link" to={`/p/${projectId}/parts`}>
            {[
              more > 0 && t('today.moreParts', { count: more }),
              today.onHold > 0 && t('today.onHold', { count: today.onHold }),
            ]
              .filter(Boolean)
              .join(' ')}
          </Link>
        </p>
      )}
    </>
  )
}

/** What the date rests on: from the last job back to today. */
export function RoadChain({ today }: { today: Today }) {
  const { t } = useTranslation()
  const road = today.road
  if (!road) return null
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('today.whyThisDate')}</summary>
      <ol className="list-decimal pl-6">
        {[...road.chain].reverse().map((s) => (
          <li key={s.id + s.kind} className={s.id === road.holder.id ? 'font-semibold' : ''}>
            {s.title} <span className="quiet text-sm">{t(`subject.${s.kind}`)}</span>
          </li>
        ))}
      </ol>
    </details>
  )
}

/** As many as one reads at a glance; the page before the road has all. */
const shown = 7

/** What stands before the road, the gravest first; an empty list is not a promise. */
export function InTheWay({ today }: { today: Today }) {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  const gate = today.nextGate
  if (!gate) return <p>{t('today.nothingInTheWay')}</p>
  return (
    <>
      <p className="mb-1">{t('road.next', { gate: t(`road.gate.${gate}`), count: today.beforeNextGate })}</p>
      <ul>
        {today.inTheWay.slice(0, shown).map((b) => (
          <BlockerLine key={b.rule + b.remedy.id + b.gate} blocker={b} />
        ))}
      </ul>
      <p className="mt-1">
        <Link className="link" to={`/p/${projectId}/road`}>
          {t('today.allGates', { count: today.inTheWay.length })}
        </Link>
      </p>
    </>
  )
}
