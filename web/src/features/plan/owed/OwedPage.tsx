import { useState } from 'react'
import { queryOptions, useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Loaded, ProblemAlert } from '@/ui/Feedback'
import { Page, Part } from '@/ui/Page'
import { useFormat } from '@/ui/format'
import { useZoneNames } from '@/ui/zones'
import { OweForm } from './OweForm'

type Debt = Schemas['DebtResponse']

const debtsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['debts', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/debts', { params: { path: { projectId } } })),
  })

/** What works for now and is to be done rightly later: due first. */
export function OwedPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const debts = useQuery(debtsQuery(projectId))
  const [adding, setAdding] = useState(false)
  return (
    <Loaded query={debts} what={t('owed.loading')}>
      {(all) => {
        const open = all.filter((d) => !d.row.settledOn)
        const groups = [
          { title: t('owed.dueList'), debts: open.filter((d) => d.due) },
          { title: t('owed.later2'), debts: open.filter((d) => !d.due) },
          { title: t('owed.settledList'), debts: all.filter((d) => d.row.settledOn) },
        ]
        return (
          <Page
            title={t('owed.title')}
            answer={<Answer open={open} />}
            action={
              <button type="button" className="btn btn-primary" onClick={() => setAdding(true)}>
                <Plus className="size-5" aria-hidden="true" />
                {t('owed.add')}
              </button>
            }
          >
            {groups
              .filter((g) => g.debts.length > 0)
              .map((g) => (
                <Part key={g.title} title={g.title} aside={<span className="quiet text-sm">{g.debts.length}</span>}>
                  <ul>
                    {g.debts.map((d) => (
                      <DebtLine key={d.row.id} debt={d} projectId={projectId} />
                    ))}
                  </ul>
                </Part>
              ))}
            <p className="quiet text-sm">{t('owed.hint')}</p>
            {adding && <OweForm projectId={projectId} onClose={() => setAdding(false)} />}
          </Page>
        )
      }}
    </Loaded>
  )
}

/** A repair is called by what is to be done, all else by what it is. */
function useDebtName(): (debt: Debt) => string {
  const { t } = useTranslation()
  return ({ row: d }) => (d.kind === 'FOR_NOW' ? d.later : `${d.what}: ${t(`owed.kindIs.${d.kind}`)}`)
}

function Answer({ open }: { open: Debt[] }) {
  const { t } = useTranslation()
  const nameOf = useDebtName()
  const due = open.filter((d) => d.due)
  const later = open.filter((d) => !d.due)
  if (open.length === 0) return t('owed.nothing')
  return (
    <>
      {due.length > 0 && t('owed.due', { count: due.length, what: nameOf(due[0]!) })}{' '}
      {later[0] && t('owed.open', { count: later.length, what: nameOf(later[0]) })}
    </>
  )
}

function DebtLine({ debt, projectId }: { debt: Debt; projectId: string }) {
  const { row: d, due } = debt
  const { t } = useTranslation()
  const name = useDebtName()(debt)
  const format = useFormat()
  const nameOf = useZoneNames(projectId)
  const step = { params: { path: { id: d.id } }, body: { version: d.version } }
  const happened = useWrite(
    (_: object, id) => unwrap(api.POST('/api/debts/{id}/happened', { ...step, ...write(id) })),
    {
      said: () => t('owed.happenedSaid'),
    },
  )
  const settle = useWrite((_: object, id) => unwrap(api.POST('/api/debts/{id}/settle', { ...step, ...write(id) })), {
    said: () => t('owed.settled'),
  })
  const waits = [
    d.when === 'EVENT' && t('owed.waitsEvent', { event: d.event }),
    d.when === 'ARRIVAL' && t('owed.waitsPart'),
    d.partState && t('owed.partStands', { state: t(`needState.${d.partState}`) }),
    d.dueOn && t('owed.waitsDate', { day: format.dayAndYear(d.dueOn) }),
  ].filter(Boolean)
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-base-300 py-2">
      <span className="min-w-56 grow basis-0">
        <span className="font-semibold">{name}</span>
        <span className="quiet block text-sm">
          {d.zone && `${nameOf(d.zone)} · `}
          {d.kind === 'FOR_NOW' ? d.what : d.later} ·{' '}
          {d.settledOn ? t('owed.settledOn', { day: format.shortDay(d.settledOn) }) : waits.join(' · ')}
          {d.jobId && (
            <>
              {' · '}
              <Link className="link" to={`/p/${projectId}/work?job=${d.jobId}`}>
                {t('owed.job')}
              </Link>
            </>
          )}
        </span>
        <ProblemAlert error={happened.error ?? settle.error} />
      </span>
      {due && <span className="font-bold">{t('owed.isDue')}</span>}
      {!d.settledOn && (
        <span className="flex gap-2">
          {d.when === 'EVENT' && !due && (
            <button
              type="button"
              className="btn"
              aria-label={`${t('owed.happened')}: ${d.event}`}
              onClick={() => happened.mutate({})}
            >
              {t('owed.happened')}
            </button>
          )}
          <button
            type="button"
            className={due ? 'btn btn-primary' : 'btn btn-ghost'}
            aria-label={`${t('owed.settle')}: ${name}`}
            onClick={() => settle.mutate({})}
          >
            {t('owed.settle')}
          </button>
        </span>
      )}
    </li>
  )
}
