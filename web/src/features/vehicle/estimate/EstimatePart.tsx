import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { Loaded } from '@/ui/page/Feedback'
import { hours, percent, useFormat } from '@/ui/format/format'
import { useUnits } from '@/ui/format/units'
import { EstimateForm } from './EstimateForm'
import { RustForm } from './RustForm'
import { estimatesQuery, type FindingEstimate } from './estimates'

type Finding = Schemas['FindingRow']
type Doing = 'figures' | 'rust' | undefined

/** What mending one finding will take: the answer, where it comes from, and how to differ. */
export function EstimatePart({ finding }: { finding: Finding }) {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  const [doing, setDoing] = useState<Doing>()
  const stop = () => setDoing(undefined)
  const corroded = finding.kind === 'SURFACE_RUST' || finding.kind === 'RUST_THROUGH'
  return (
    <section className="my-4 border-b border-base-300 pb-4">
      <h3 className="font-semibold">{t('estimate.title')}</h3>
      <Loaded query={useQuery(estimatesQuery(projectId))} what={t('estimate.loading')}>
        {(all) => {
          const mine = all.estimates.find((e) => e.findingId === finding.id)
          if (!mine) return null
          return (
            <>
              <Answer estimate={mine} />
              {finding.previousWork === 'REMOVE' && (
                <p>
                  {all.foundAfterStripDown > 0
                    ? t('estimate.behindSoFar', { share: percent(all.foundAfterStripDown) })
                    : t('estimate.behind')}
                </p>
              )}
              {doing === 'figures' && <EstimateForm finding={finding} estimate={mine} onDone={stop} />}
              {doing === 'rust' && <RustForm finding={finding} estimate={mine} onDone={stop} />}
              {!doing && (
                <div className="mt-2 flex flex-wrap gap-2">
                  {corroded && (
                    <button type="button" className="btn" onClick={() => setDoing('rust')}>
                      {t(mine.said?.rust ? 'estimate.gradeAgain' : 'estimate.grade')}
                    </button>
                  )}
                  <button type="button" className="btn" onClick={() => setDoing('figures')}>
                    {t('estimate.change')}
                  </button>
                </div>
              )}
            </>
          )
        }}
      </Loaded>
    </section>
  )
}

function Answer({ estimate: e }: { estimate: FindingEstimate }) {
  const { t } = useTranslation()
  const format = useFormat()
  const units = useUnits()
  const money = (minor: number) => format.roughly(minor, format.currency)
  const from = (own: boolean, usual: 'estimate.proposedHours' | 'estimate.proposedCost') =>
    t(own ? 'estimate.own' : e.said?.rust ? 'estimate.fromRust' : usual)
  const rust = e.said?.rust
  return (
    <div className="grid gap-1">
      <p>
        {t('estimate.hours', {
          low: hours(e.effort.optimisticMinutes),
          likely: hours(e.effort.likelyMinutes),
          high: hours(e.effort.pessimisticMinutes),
        })}{' '}
        <span className="quiet">({from(!!e.said?.effort, 'estimate.proposedHours')})</span>
      </p>
      {e.cost ? (
        <p>
          {t('estimate.cost', {
            low: money(e.cost.optimisticMinor),
            likely: money(e.cost.likelyMinor),
            high: money(e.cost.pessimisticMinor),
          })}{' '}
          <span className="quiet">({from(!!e.said?.cost, 'estimate.proposedCost')})</span>
        </p>
      ) : (
        <p className="quiet">{t('estimate.noCost')}</p>
      )}
      {rust && e.judgement && (
        <p>
          {t('estimate.judged', {
            grade: t(`estimate.ri.${rust.grade}`) + (rust.perforated ? `, ${t('estimate.holed')}` : ''),
            length: units.figure(rust.lengthMillimetres, 'MILLIMETRE'),
            width: units.figure(rust.widthMillimetres, 'MILLIMETRE'),
            unit: units.word('MILLIMETRE'),
            safety: e.judgement.safetyClass,
            repair: t(`estimate.repair.${e.judgement.repair}`),
          })}{' '}
          {e.judgement.withinReach && t('estimate.withinReach')}
        </p>
      )}
      {e.said?.payer && (
        <p className="font-semibold">
          {t('estimate.owed', { who: t(`estimate.payers.${e.said.payer}`) })} {e.said.payerNote}
        </p>
      )}
      {e.specialist && (
        <p>
          <span className="font-semibold">{t('estimate.specialist')}</span>{' '}
          {e.hands.map((h) => t(`estimate.hands.${h}`)).join('; ')}.
        </p>
      )}
    </div>
  )
}
