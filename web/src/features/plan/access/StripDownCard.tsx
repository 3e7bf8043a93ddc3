import { useState } from 'react'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { hours, useFormat } from '@/ui/format/format'
import { useUnits } from '@/ui/format/units'
import { OpenIt } from '@/ui/safety/OpenIt'
import type { Job } from '../job/jobWork'
import { accessOf, type VehicleAccess, type StripDown } from './access'
import { SplitOffer } from './SplitOffer'
import { StripDownSteps } from './StripDownSteps'
import { WhileOpen } from './WhileOpen'

/** One opening with its jobs, and the openings that it lies inside. */
export function StripDownCard({
  stripDown: o,
  vehicleAccess,
  jobs,
  projectId,
}: {
  stripDown: StripDown
  vehicleAccess: VehicleAccess
  jobs: Job[]
  projectId: string
}) {
  const { t } = useTranslation()
  const units = useUnits()
  const [offers, setOffers] = useState(false)
  const access = accessOf(vehicleAccess, o.access)
  const around = vehicleAccess.stripDowns.filter((x) => o.around.includes(x.stripDown))
  const state = o.closedOn ? 'closed' : o.openedOn ? 'open' : 'planned'
  return (
    <li
      className={`rounded border-l-4 bg-base-200/60 py-2 pl-3 pr-2 ${state === 'open' ? 'border-accent' : state === 'closed' ? 'border-dashed border-base-300' : 'border-base-300'}`}
    >
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h3 className="font-semibold">{access.name}</h3>
        <span className="quiet text-sm">
          {t('access.strip', { open: hours(access.stripMinutes), close: hours(access.refitMinutes) })}
          {access.people > 1 && ` · ${t('access.people', { count: access.people })}`}
          {access.drained &&
            ` · ${t('access.runsOut', { litres: units.about(access.drained.litres, 'LITRE'), circuit: t(`access.circuit.${access.drained.circuit}`) })}`}
        </span>
        <State stripDown={o} />
      </div>
      <ItsJobs stripDown={o} jobs={jobs} projectId={projectId} />
      <Around around={around} stripDown={o} vehicleAccess={vehicleAccess} />
      {state === 'closed' ? (
        <OpenIt stripDown={o} access={access} projectId={projectId} />
      ) : (
        <StripDownSteps
          stripDown={o}
          access={access}
          projectId={projectId}
          onOffers={() => setOffers(!offers)}
          offers={offers}
        />
      )}
      {state !== 'closed' && [...around, o].some((x) => x.access.endsWith('battery-isolated')) && (
        <details className="text-sm">
          <summary className="cursor-pointer py-1">{t('access.battery')}</summary>
          <ul className="list-disc pl-5">
            {vehicleAccess.afterReconnecting.map((r) => (
              <li key={r}>{t(`access.reset.${r}`)}</li>
            ))}
          </ul>
        </details>
      )}
      {offers && <WhileOpen projectId={projectId} stripDown={o.stripDown} isOpen={state === 'open'} />}
    </li>
  )
}

/** What has to be open around it, and with how many other jobs each is shared. */
function Around({
  around,
  stripDown: o,
  vehicleAccess,
}: {
  around: StripDown[]
  stripDown: StripDown
  vehicleAccess: VehicleAccess
}) {
  const { t } = useTranslation()
  if (around.length === 0) return null
  return (
    <p className="text-sm">
      <span className="quiet">{t('access.with', { hours: hours(o.minutes) })}</span>{' '}
      {around
        .map((a) => {
          const others = a.jobs.length - o.jobs.length
          return (
            accessOf(vehicleAccess, a.access).name + (others > 0 ? ` (${t('access.shared', { count: others })})` : '')
          )
        })
        .join(', ')}
    </p>
  )
}

function State({ stripDown: o }: { stripDown: StripDown }) {
  const { t } = useTranslation()
  const format = useFormat()
  return (
    <span className={`text-sm ${o.openedOn && !o.closedOn ? 'font-bold' : ''}`}>
      {o.closedOn
        ? t(o.temporary ? 'access.closedForNow' : 'access.closedOn', { day: format.shortDay(o.closedOn) })
        : o.openedOn
          ? t('access.openSince', { day: format.shortDay(o.openedOn) })
          : t('access.planned')}
    </span>
  )
}

function ItsJobs({ stripDown: o, jobs, projectId }: { stripDown: StripDown; jobs: Job[]; projectId: string }) {
  const { t } = useTranslation()
  const [leaving, setLeaving] = useState<string>()
  return (
    <ul>
      {jobs
        .filter((j) => o.direct.includes(j.id))
        .map((j) => (
          <li key={j.id} className="flex flex-wrap items-center gap-x-2">
            <span className="label-code text-sm">{j.code}</span>
            <Link className="link grow" to={`/p/${projectId}/work?job=${j.id}`}>
              {j.title}
            </Link>
            <span className="quiet text-sm">{t(`jobState.${j.state}`)}</span>
            {o.jobs.length > 1 && !o.closedOn && (
              <button
                type="button"
                className="btn btn-ghost btn-sm min-h-11"
                aria-expanded={leaving === j.id}
                aria-label={t('actOn', { act: t('access.split'), what: j.title })}
                onClick={() => setLeaving(leaving === j.id ? undefined : j.id)}
              >
                {t('access.split')}
              </button>
            )}
            {leaving === j.id && (
              <SplitOffer stripDown={o} leaving={[j.id]} projectId={projectId} onDone={() => setLeaving(undefined)} />
            )}
          </li>
        ))}
    </ul>
  )
}
