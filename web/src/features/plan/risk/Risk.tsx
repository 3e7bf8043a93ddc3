import { useState, type ReactNode } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Trans, useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Part } from '@/ui/page/Page'
import { hours, useFormat } from '@/ui/format/format'
import { DateSpans } from './DateSpans'
import { riskQuery } from './queries'
import { RiskTable } from './RiskTable'

type RiskAnswer = Schemas['RiskResponse']

/** How sure the dates are, what moves them, and what opening something first would tell. */
export function Risk({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const { data: risk } = useQuery(riskQuery(projectId))
  if (!risk || risk.state === 'NO_PLAN') return null
  return (
    <Part title={t('risk.title')}>
      <RoomForIt running={risk.state === 'RUNNING'}>
        {risk.state === 'RUNNING' && <Running projectId={projectId} risk={risk} />}
        {risk.state === 'STOPPED' && <p className="quiet">{t('risk.stopped')}</p>}
        {risk.state === 'DONE' && <Known risk={risk} />}
      </RoomForIt>
    </Part>
  )
}

/** Where it is still worked out when the page opens, its room is kept: what stands below does not move when it comes. */
function RoomForIt({ running, children }: { running: boolean; children: ReactNode }) {
  const [ran] = useState(running)
  return <div className={ran ? 'min-h-[34rem] md:min-h-[26rem]' : undefined}>{children}</div>
}

function Running({ projectId, risk }: { projectId: string; risk: RiskAnswer }) {
  const { t } = useTranslation()
  const format = useFormat()
  const stop = useWrite((_: void, id) =>
    unwrap(api.DELETE('/api/projects/{projectId}/risk', { params: { path: { projectId } }, ...write(id) })),
  )
  return (
    <div className="flex flex-wrap items-center gap-3">
      <label className="grow">
        <span className="block">{t('risk.running', { runs: format.number(risk.runs) })}</span>
        <progress className="progress w-full max-w-md" value={risk.done} max={risk.runs} />
      </label>
      <button type="button" className="btn btn-sm" onClick={() => stop.mutate()}>
        {t('risk.stop')}
      </button>
    </div>
  )
}

function Known({ risk }: { risk: RiskAnswer }) {
  const { t } = useTranslation()
  const format = useFormat()
  const shown = risk.dates.filter((d, i, all) => i === 0 || d.planned !== all[i - 1]!.planned)
  return (
    <>
      {risk.notBefore && <p className="mb-2">{t('risk.notBefore')}</p>}
      {shown.map((d) => (
        <p key={d.aim} className="mb-1">
          <Trans
            i18nKey={d.eightInTen ? 'risk.sentence' : 'risk.never'}
            values={{
              aim: t(`reached.${d.aim}`),
              planned: format.far(d.planned),
              five: d.fiveInTen ? format.far(d.fiveInTen) : '',
              eight: d.eightInTen ? format.far(d.eightInTen) : '',
            }}
            components={{ b: <strong /> }}
          />
        </p>
      ))}
      <DateSpans dates={shown} />
      <details className="mb-3">
        <summary className="cursor-pointer py-2">{t('risk.table')}</summary>
        <RiskTable dates={risk.dates} />
        <p className="quiet text-sm">{t('risk.how', { runs: format.number(risk.runs) })}</p>
      </details>
      <div className="grid gap-x-10 md:grid-cols-2">
        <Drivers risk={risk} />
        <Openings risk={risk} />
      </div>
    </>
  )
}

function Drivers({ risk }: { risk: RiskAnswer }) {
  const { t } = useTranslation()
  const strength = (c: number) => (c >= 0.6 ? 'strong' : c >= 0.3 ? 'some' : 'little')
  return (
    <section>
      <h3 className="font-semibold">{t('risk.drivers')}</h3>
      {risk.drivers.length === 0 && <p className="quiet">{t('risk.onlyYou')}</p>}
      <ol className="list-decimal pl-6">
        {risk.drivers.slice(0, 5).map((d) => (
          <li key={`${d.what.kind} ${d.what.id}`}>
            {d.what.title} <span className="quiet text-sm">{t(`risk.driver.${strength(d.correlation)}`)}</span>
          </li>
        ))}
      </ol>
    </section>
  )
}

function Openings({ risk }: { risk: RiskAnswer }) {
  const { t } = useTranslation()
  return (
    <section>
      <h3 className="font-semibold">{t('risk.openings')}</h3>
      {risk.openings.length === 0 && <p className="quiet">{t('risk.nothingToOpen')}</p>}
      <ul className="list-disc pl-6">
        {risk.openings.slice(0, 5).map((o) => (
          <li key={o.what.id}>
            {t('risk.opening', {
              what: o.what.title,
              hours: hours(o.minutes),
              days: t('risk.days', { count: o.narrowerDays }),
            })}
          </li>
        ))}
      </ul>
    </section>
  )
}
