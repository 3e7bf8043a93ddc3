import { useState } from 'react'
import { queryOptions, useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { Page, Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { useZoneNames } from '@/ui/format/names/zones'
import { OutstandingForm } from './OutstandingForm'

type Outstanding = Schemas['OutstandingResponse']

const outstandingItemsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['outstandingItems', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/outstanding', { params: { path: { projectId } } })),
  })

/** What works for now and is to be done rightly later: due first. */
export function OutstandingPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const outstandingItems = useQuery(outstandingItemsQuery(projectId))
  const [adding, setAdding] = useState(false)
  return (
    <Loaded query={outstandingItems} what={t('outstanding.loading')}>
      {(all) => {
        const open = all.filter((d) => !d.row.settledOn)
        const groups = [
          { title: t('outstanding.dueList'), outstandingItems: open.filter((d) => d.due) },
          { title: t('outstanding.later2'), outstandingItems: open.filter((d) => !d.due) },
          { title: t('outstanding.settledList'), outstandingItems: all.filter((d) => d.row.settledOn) },
        ]
        return (
          <Page
            title={t('outstanding.title')}
            words={['outstanding']}
            answer={<Answer open={open} />}
            action={
              <button type="button" className="btn btn-primary" onClick={() => setAdding(true)}>
                <Plus className="size-5" aria-hidden="true" />
                {t('outstanding.add')}
              </button>
            }
          >
            {groups
              .filter((g) => g.outstandingItems.length > 0)
              .map((g) => (
                <Part
                  key={g.title}
                  title={g.title}
                  aside={<span className="quiet text-sm">{g.outstandingItems.length}</span>}
                >
                  <ul>
                    {g.outstandingItems.map((d) => (
                      <OutstandingLine key={d.row.id} outstanding={d} projectId={projectId} />
                    ))}
                  </ul>
                </Part>
              ))}
            <p className="quiet text-sm">{t('outstanding.hint')}</p>
            {adding && <OutstandingForm projectId={projectId} onClose={() => setAdding(false)} />}
          </Page>
        )
      }}
    </Loaded>
  )
}

/** A repair is called by what is to be done, all else by what it is. */
function useOutstandingName(): (outstanding: Outstanding) => string {
  const { t } = useTranslation()
  return ({ row: d }) =>
    d.kind === 'FOR_NOW' ? d.later : `${d.what}: ${t(`outstanding.kindIs.${d.kind ?? 'FOR_NOW'}`)}`
}

function Answer({ open }: { open: Outstanding[] }) {
  const { t } = useTranslation()
  const nameOf = useOutstandingName()
  const due = open.filter((d) => d.due)
  const later = open.filter((d) => !d.due)
  if (open.length === 0) return t('outstanding.nothing')
  return (
    <>
      {due.length > 0 && t('outstanding.due', { count: due.length, what: nameOf(due[0]!) })}{' '}
      {later[0] && t('outstanding.open', { count: later.length, what: nameOf(later[0]) })}
    </>
  )
}

function OutstandingLine({ outstanding, projectId }: { outstanding: Outstanding; projectId: string }) {
  const { row: d, due } = outstanding
  const { t } = useTranslation()
  const name = useOutstandingName()(outstanding)
  const format = useFormat()
  const nameOf = useZoneNames(projectId)
  const step = { params: { path: { id: d.id } }, body: { version: d.version } }
  const happened = useWrite(
    (_: object, id) => unwrap(api.POST('/api/outstanding/{id}/happened', { ...step, ...write(id) })),
    {
      said: () => t('outstanding.happenedSaid'),
    },
  )
  const settle = useWrite(
    (_: object, id) => unwrap(api.POST('/api/outstanding/{id}/settle', { ...step, ...write(id) })),
    {
      said: () => t('outstanding.settled'),
    },
  )
  const waits = [
    d.when === 'EVENT' && t('outstanding.waitsEvent', { event: d.event ?? '' }),
    d.when === 'ARRIVAL' && t('outstanding.waitsPart'),
    d.partState && t('outstanding.partStands', { state: t(`needState.${d.partState}`) }),
    d.dueOn && t('outstanding.waitsDate', { day: format.dayAndYear(d.dueOn) }),
  ].filter(Boolean)
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-base-300 py-2">
      <span className="min-w-56 grow basis-0">
        <span className="font-semibold">{name}</span>
        <span className="quiet block text-sm">
          {d.zone && `${nameOf(d.zone)} · `}
          {d.kind === 'FOR_NOW' ? d.what : d.later} ·{' '}
          {d.settledOn ? t('outstanding.settledOn', { day: format.shortDay(d.settledOn) }) : waits.join(' · ')}
          {d.jobId && (
            <>
              {' · '}
              <Link className="link" to={`/p/${projectId}/work?job=${d.jobId}`}>
                {t('outstanding.job')}
              </Link>
            </>
          )}
        </span>
        <ProblemAlert error={happened.error ?? settle.error} />
      </span>
      {due && <span className="font-bold">{t('outstanding.isDue')}</span>}
      {!d.settledOn && (
        <span className="flex gap-2">
          {d.when === 'EVENT' && !due && (
            <button
              type="button"
              className="btn"
              aria-label={t('actOn', { act: t('outstanding.happened'), what: d.event ?? '' })}
              onClick={() => happened.mutate({})}
            >
              {t('outstanding.happened')}
            </button>
          )}
          <button
            type="button"
            className={due ? 'btn btn-primary' : 'btn btn-ghost'}
            aria-label={t('actOn', { act: t('outstanding.settle'), what: name })}
            onClick={() => settle.mutate({})}
          >
            {t('outstanding.settle')}
          </button>
        </span>
      )}
    </li>
  )
}
