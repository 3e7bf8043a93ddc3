import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { api, unwrap, write } from '@/api/client'
import { jobsQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { Further, Page, Part } from '@/ui/page/Page'
import { hours } from '@/ui/format/format'
import { useUnits } from '@/ui/format/units'
import { MilestoneMoves } from '../schedule/offers/MilestoneMoves'
import { accessQuery } from '@/api/queries'
import { shown, accessOf, type VehicleAccess } from './access'
import { FluidQuestion } from './FluidQuestion'
import { StripDownCard } from './StripDownCard'
import { OwnAccessForm } from './OwnAccessForm'
import { SplitProposals } from './SplitProposals'

type Circuit = NonNullable<VehicleAccess['accesses'][number]['drained']>['circuit']

/** Which jobs hang on which opening, what sharing spares, and what else to do while something is open. */
export function AccessPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const vehicleAccess = useQuery(accessQuery(projectId))
  const work = useQuery(jobsQuery(projectId))
  const [own, setOwn] = useState<string>()
  const isOver = (id: string) => work.data?.jobs.find((j) => j.id === id)?.over ?? false
  const path = { projectId }
  const usual = useWrite(
    (_: object, id) => unwrap(api.POST('/api/projects/{projectId}/access/usual', { params: { path }, ...write(id) })),
    { said: () => t('access.usualDone') },
  )
  return (
    <Loaded query={vehicleAccess} what={t('access.loading')}>
      {(a) => (
        <Page
          title={t('access.title')}
          words={['access', 'stripDown']}
          answer={<Answer vehicleAccess={a} />}
          action={
            <>
              <button type="button" className="btn btn-primary" onClick={() => usual.mutate({})}>
                {t('access.usual')}
              </button>
              <button type="button" className="btn" onClick={() => setOwn('')}>
                <Plus className="size-5" aria-hidden="true" />
                {t('access.addOwn')}
              </button>
            </>
          }
        >
          <ProblemAlert error={usual.error} />
          <div className="grid gap-x-10 lg:grid-cols-[3fr_2fr]">
            <Part title={t('access.picture')}>
              {a.stripDowns.length === 0 && <p className="quiet">{t('access.none')}</p>}
              <ul className="grid gap-3">
                {shown(a, isOver).map((o) => (
                  <StripDownCard
                    key={o.stripDown}
                    stripDown={o}
                    vehicleAccess={a}
                    jobs={work.data?.jobs ?? []}
                    projectId={projectId}
                  />
                ))}
              </ul>
            </Part>
            <div>
              <Proposals vehicleAccess={a} projectId={projectId} />
              <SplitProposals vehicleAccess={a} projectId={projectId} />
              {Object.keys(a.usedUp).length > 0 && (
                <Part title={t('access.usedUp')}>
                  <ul>
                    {Object.entries(a.usedUp).map(([what, count]) => (
                      <li key={what}>
                        {count} × {what}
                      </li>
                    ))}
                  </ul>
                </Part>
              )}
              <RunsOut vehicleAccess={a} />
              <FluidQuestion projectId={projectId} vehicleAccess={a} />
              <Library vehicleAccess={a} onChange={setOwn} />
            </div>
          </div>
          {own !== undefined && (
            <OwnAccessForm
              projectId={projectId}
              vehicleAccess={a}
              {...(own && { access: accessOf(a, own) })}
              onClose={() => setOwn(undefined)}
            />
          )}
        </Page>
      )}
    </Loaded>
  )
}

/** What has to be caught and taken away, over the whole of the work. */
function RunsOut({ vehicleAccess: a }: { vehicleAccess: VehicleAccess }) {
  const { t } = useTranslation()
  const units = useUnits()
  const litres = Object.entries(a.totals.litres)
  if (litres.length === 0) return null
  return (
    <Part title={t('access.runsOutInAll')}>
      <ul>
        {litres.map(([circuit, amount]) => (
          <li key={circuit}>
            {t('access.caught', {
              litres: units.about(Math.round(amount * 10) / 10, 'LITRE'),
              circuit: t(`access.circuit.${circuit as Circuit}`),
            })}
            {(a.drains[circuit] ?? 0) > 0 && ` · ${t('access.drained', { count: a.drains[circuit] ?? 0 })}`}
          </li>
        ))}
      </ul>
      <Further>{t('access.apart')}</Further>
    </Part>
  )
}

function Answer({ vehicleAccess: a }: { vehicleAccess: VehicleAccess }) {
  const { t } = useTranslation()
  const units = useUnits()
  if (a.stripDowns.length === 0) return t('access.nothing')
  const more = a.proposals[0]?.savedMinutes ?? 0
  const litres =
    a.totals.savedLitres >= 0.1
      ? t('access.savedLitres', { litres: units.about(Math.round(a.totals.savedLitres * 10) / 10, 'LITRE') })
      : ''
  return (
    <>
      {t('access.total', { jobs: hours(a.totals.jobMinutes), stripDowns: hours(a.totals.stripDownMinutes) })}{' '}
      <Further>
        {a.totals.savedMinutes > 0 && t('access.saved', { hours: hours(a.totals.savedMinutes), litres })}{' '}
        {more > 0 && t('access.couldSave', { hours: hours(more) })}
      </Further>
    </>
  )
}

function Proposals({ vehicleAccess: a, projectId }: { vehicleAccess: VehicleAccess; projectId: string }) {
  const { t } = useTranslation()
  const units = useUnits()
  const merge = useWrite(
    (body: { access: string; stripDowns: string[] }, id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/access/merge', { params: { path: { projectId } }, body, ...write(id) }),
      ),
    { said: () => t('access.merged') },
  )
  if (a.proposals.length === 0) return null
  return (
    <Part title={t('access.proposals')}>
      <ProblemAlert error={merge.error} />
      <ul>
        {a.proposals.map((p) => (
          <li key={p.access + p.stripDowns.length} className="border-b border-base-300 py-2 last:border-0">
            <p className="mb-2">
              {t('access.proposal', {
                what: accessOf(a, p.access).name,
                count: p.stripDowns.length,
                hours: hours(p.savedMinutes),
                litres:
                  p.savedLitres >= 0.1
                    ? t('access.savedLitres', { litres: units.about(Math.round(p.savedLitres * 10) / 10, 'LITRE') })
                    : '',
              })}
            </p>
            <button
              type="button"
              className="btn"
              aria-label={t('actOn', { act: t('access.merge'), what: accessOf(a, p.access).name })}
              disabled={merge.isPending}
              onClick={() => merge.mutate({ access: p.access, stripDowns: p.stripDowns })}
            >
              {t('access.merge')}
            </button>
            <JoinedDates projectId={projectId} stripDowns={p.stripDowns} name={accessOf(a, p.access).name} />
          </li>
        ))}
      </ul>
    </Part>
  )
}

/** What it would do to the dates: worked out when asked. */
function JoinedDates({ projectId, stripDowns, name }: { projectId: string; stripDowns: string[]; name: string }) {
  const { t } = useTranslation()
  const [asked, setAsked] = useState(false)
  const dates = useQuery({
    queryKey: ['plan', projectId, 'joined', stripDowns],
    queryFn: () =>
      unwrap(
        api.POST('/api/projects/{projectId}/plan/preview-joined', {
          params: { path: { projectId } },
          body: { stripDowns },
          ...write(crypto.randomUUID()),
        }),
      ),
    enabled: asked,
  })
  if (!asked)
    return (
      <button
        type="button"
        className="btn btn-ghost ml-2"
        aria-label={t('actOn', { act: t('access.dates'), what: name })}
        onClick={() => setAsked(true)}
      >
        {t('access.dates')}
      </button>
    )
  return (
    <span className="mt-2 block border-l-4 border-accent pl-3 text-sm">
      <Loaded query={dates} what={t('dates.asking')}>
        {(move) => <MilestoneMoves move={move} />}
      </Loaded>
    </span>
  )
}

function Library({ vehicleAccess: a, onChange }: { vehicleAccess: VehicleAccess; onChange: (id: string) => void }) {
  const { t } = useTranslation()
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('access.library')}</summary>
      <ul>
        {a.accesses.map((w) => (
          <li key={w.id} className="flex items-center gap-2 border-b border-base-300 text-sm">
            <span className="grow">
              {w.name}{' '}
              <span className="quiet">
                {t('access.strip', { open: hours(w.stripMinutes), close: hours(w.refitMinutes) })}
                {w.version > 0 && ` · ${t('access.own')}`}
              </span>
            </span>
            <button
              type="button"
              className="btn btn-ghost"
              aria-label={t('actOn', { act: t('access.change'), what: w.name })}
              onClick={() => onChange(w.id)}
            >
              {t('access.change')}
            </button>
          </li>
        ))}
      </ul>
    </details>
  )
}
