import { useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Check, Plus, Printer } from 'lucide-react'
import { roadQuery } from '@/api/queries'
import { useUnits } from '@/ui/format/units'
import { Loaded } from '@/ui/page/Feedback'
import { Page } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { BlockerLine } from './BlockerLine'
import { FastenerSheet } from './FastenerSheet'
import { GateRow } from './GateRow'
import { ProofSheet } from './ProofSheet'
import { blockersOf, bySystem, type GateName, type Proof, type Road } from './road'

/** What stands between the vehicle and each gate, what is proved, and what is owed after the start. */
export function RoadPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const road = useQuery(roadQuery(projectId))
  return (
    <Loaded query={road} what={t('road.loading')}>
      {(r) => <Opened road={r} projectId={projectId} />}
    </Loaded>
  )
}

function Opened({ road: r, projectId }: { road: Road; projectId: string }) {
  const { t } = useTranslation()
  const [params, setParams] = useSearchParams()
  const chosen =
    (params.get('gate') as GateName | null) ?? (r.gates.some((g) => g.gate === 'ROAD' && g.open) ? 'TRIP' : 'ROAD')
  const blockers = blockersOf(r, chosen)
  const close = () => setParams(params.has('gate') ? { gate: chosen } : {})
  const proof = r.proofs.find((p) => p.id === params.get('proof'))
  const fastener = r.fasteners.find((f) => f.id === params.get('fastener'))
  return (
    <Page
      title={t('road.title')}
      words={['beforeTheRoad', 'safetyClass', 'outstanding']}
      answer={<Answer road={r} />}
      action={
        <button type="button" className="btn" onClick={() => window.print()}>
          <Printer className="size-5" aria-hidden="true" />
          {t('road.print')}
        </button>
      }
    >
      <div className="grid gap-8 lg:grid-cols-[minmax(0,25rem)_minmax(0,1fr)]">
        <section className="no-print">
          <h2 className="mb-2 text-lg font-semibold">{t('road.gates')}</h2>
          <GateRow gates={r.gates} chosen={chosen} onChoose={(gate) => setParams({ gate })} />
          <p className="quiet mt-3 text-sm">{t(`road.each.${chosen}`)}</p>
        </section>
        <section>
          <h2 className="mb-2 text-lg font-semibold">
            {blockers.length === 0
              ? t('road.nothing', { gate: t(`road.gate.${chosen}`) })
              : t('road.before', { gate: t(`road.gate.${chosen}`), count: blockers.length })}
          </h2>
          <div className="grid gap-x-8 md:grid-cols-2">
            {bySystem(blockers).map(([system, all]) => (
              <section key={system} className="mb-4 break-inside-avoid">
                <h3 className="border-b border-base-300 font-semibold">{t(`system.${system}`)}</h3>
                <ul>
                  {all.map((b) => (
                    <BlockerLine key={b.rule + b.remedy.id + b.gate} blocker={b} />
                  ))}
                </ul>
              </section>
            ))}
          </div>
        </section>
      </div>
      <div className="mt-8 grid gap-8 lg:grid-cols-3">
        <ProofList
          wide
          title={t('road.proofs')}
          proofs={r.proofs.filter((p) => p.afterKm === undefined)}
          onOpen={(id) => setParams({ proof: id })}
        />
        <div className="grid content-start gap-8">
          <ProofList
            title={t('road.outstanding')}
            hint={t('road.outstandingHint')}
            proofs={r.proofs.filter((p) => p.afterKm !== undefined)}
            onOpen={(id) => setParams({ proof: id })}
          />
          <Fasteners road={r} onOpen={(id) => setParams({ fastener: id })} />
        </div>
      </div>
      {proof && <ProofSheet projectId={projectId} proof={proof} onClose={close} />}
      {params.has('fastener') && (
        <FastenerSheet
          projectId={projectId}
          fastener={fastener}
          fresh={{ jobId: params.get('job'), title: params.get('title'), system: params.get('system') }}
          onClose={close}
        />
      )}
    </Page>
  )
}

function Answer({ road: r }: { road: Road }) {
  const { t } = useTranslation()
  const next = r.gates.find((g) => !g.open)
  if (!next) return <>{t('road.allOpen')}</>
  const grave = blockersOf(r, next.gate).filter((b) => b.gravity === 'A').length
  return (
    <>
      {t('road.next', { gate: t(`road.gate.${next.gate}`), count: next.blockers })}{' '}
      {next.blockers > 1 && grave > 0 && t('road.grave', { count: grave })}
    </>
  )
}

function ProofList({
  title,
  hint,
  proofs,
  onOpen,
  wide = false,
}: {
  wide?: boolean
  title: string
  hint?: string
  proofs: Proof[]
  onOpen: (id: string) => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  return (
    <section className={wide ? 'lg:col-span-2' : ''}>
      <h2 className="mb-1 text-lg font-semibold">{title}</h2>
      {hint && <p className="quiet mb-1 text-sm">{hint}</p>}
      <ul className={wide ? 'gap-x-8 md:columns-2' : ''}>
        {proofs.map((p) => {
          const last = p.records.findLast((r) => !r.voidedBy)
          const voided = p.records.at(-1)?.voidedBy
          const later = p.afterKm !== undefined && !p.stands && !p.next
          return (
            <li key={p.id} className="flex break-inside-avoid items-baseline gap-2 border-b border-base-300 py-1.5">
              {p.stands ? (
                <Check className="size-4 shrink-0 self-center" aria-hidden="true" />
              ) : (
                <span className="size-4 shrink-0 self-center border border-base-content" aria-hidden="true" />
              )}
              <span className="grow">
                {later ? (
                  p.name
                ) : (
                  <button type="button" className="link text-left" onClick={() => onOpen(p.id)}>
                    {p.name}
                  </button>
                )}
                <span className="block text-sm">
                  {wide && p.gate && `${t(`road.gate.${p.gate}`)}: `}
                  {p.stands && last
                    ? t('road.standsSince', { date: format.shortDay(last.doneOn), by: last.by ?? '' })
                    : voided
                      ? t('road.voidedBy', { what: voided })
                      : later
                        ? t('road.later')
                        : t('road.notYet')}
                </span>
              </span>
            </li>
          )
        })}
      </ul>
    </section>
  )
}

function Fasteners({ road: r, onOpen }: { road: Road; onOpen: (id: string) => void }) {
  const { t } = useTranslation()
  const units = useUnits()
  return (
    <section>
      <h2 className="mb-1 text-lg font-semibold">{t('torque.heading')}</h2>
      <p className="quiet mb-1 text-sm">{t('torque.hint')}</p>
      <ul>
        {r.fasteners.map((f) => (
          <li key={f.id} className="border-b border-base-300 py-1.5">
            <button type="button" className="link text-left" onClick={() => onOpen(f.id)}>
              {f.title}
            </button>
            <span className="block text-sm">
              {f.tightness === 'FIGURE'
                ? t('torque.at', {
                    figure: units.say(f.newtonMetres ?? 0, 'NEWTON_METRE'),
                    source: f.source ?? '',
                    by: f.by ?? '',
                  })
                : t(`torque.tightness.${f.tightness}`)}
            </span>
          </li>
        ))}
      </ul>
      <button type="button" className="btn no-print mt-2" onClick={() => onOpen('new')}>
        <Plus className="size-5" aria-hidden="true" />
        {t('torque.add')}
      </button>
    </section>
  )
}
