import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { TFunction } from 'i18next'
import { Link } from 'react-router'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { useFormat } from '@/ui/format/format'
import { CoatingMap } from './CoatingMap'
import { FigureForm } from '../measurand/FigureForm'
import { SeriesPlot } from './SeriesPlot'
import { VerdictMark } from './VerdictMark'
import { WrongReading } from './WrongReading'
import { READABLE, useUnits, type Units } from '@/ui/format/units'
import { cells, type Measurable, type Measured } from './readings'

/** One thing measured at one place: what it means, the readings, and by which figure. */
export function MeasuredCard({
  measured: m,
  limit,
  place,
  projectId,
}: {
  measured: Measured
  limit: Measurable
  place: string
  projectId: string
}) {
  const { t } = useTranslation()
  const units = useUnits()
  const [figure, setFigure] = useState(false)
  const grid = limit.unit === 'MICROMETRE' ? cells(m.points.filter((p) => !p.wrongBecause)) : undefined
  const counting = m.points.filter((p) => !p.wrongBecause)
  const last = counting.filter((p) => p.last)
  const earlier = counting.length - last.length
  // several spots: the last at each; one spot: how it went
  const plotted = last.length > 1 ? last : counting
  return (
    <article className="card-sheet grid content-start gap-2 p-4">
      <header className="flex flex-wrap items-baseline justify-between gap-x-3">
        <h3 className="text-lg font-semibold">
          {limit.name} · {place}
        </h3>
        {m.judged && <VerdictMark outcome={m.judged.outcome} />}
      </header>
      <Meaning measured={m} limit={limit} />
      {grid ? (
        <CoatingMap cells={grid} />
      ) : limit.age ? (
        <Ages measured={m} />
      ) : (
        <>
          {plotted.length > 1 && <SeriesPlot points={plotted} limit={limit} />}
          <p className={plotted.length > 1 ? 'sr-only' : ''}>
            {plotted.map((p) => `${p.spot}: ${units.say(p.value, p.unit, READABLE)}`).join('; ')}
          </p>
        </>
      )}
      {earlier > 0 && last.length > 1 && <p className="quiet text-sm">{t('reading.earlier', { count: earlier })}</p>}
      {m.second !== 'NOT_WANTED' && (
        <p className={m.second === 'AGREES' ? 'quiet text-sm' : 'font-semibold'}>{t(`reading.second.${m.second}`)}</p>
      )}
      {m.judged?.why === 'WHAT_IT_HAS' && (
        <Link className="btn justify-self-start" to={`/p/${projectId}/walk/equipment`}>
          {t('reading.sayWhatItHas')}
        </Link>
      )}
      <WrongReading measured={m} projectId={projectId} />
      <Source limit={limit} mayClear={m.judged?.mayClear ?? false} />
      {m.proposes && <KeepFinding measured={m} limit={limit} proposes={m.proposes} projectId={projectId} />}
      {figure ? (
        <FigureForm projectId={projectId} limit={limit} onDone={() => setFigure(false)} />
      ) : (
        <div className="flex flex-wrap gap-2">
          {m.findingId && (
            <Link className="btn" to={`/p/${projectId}/walk?finding=${m.findingId}`}>
              {t('reading.hasFinding')}
            </Link>
          )}
          {!limit.age && (
            <button type="button" className="btn" onClick={() => setFigure(true)}>
              {t('reading.enterFigure')}
            </button>
          )}
        </div>
      )}
    </article>
  )
}

/** A reading outside its limit is open until it is kept as a finding, in one press, or measured again. */
function KeepFinding({
  measured: m,
  limit,
  proposes,
  projectId,
}: {
  measured: Measured
  limit: Measurable
  proposes: NonNullable<Measured['proposes']>
  projectId: string
}) {
  const { t } = useTranslation()
  const units = useUnits()
  const format = useFormat()
  const [id] = useState(() => crypto.randomUUID())
  const bound = limit.min ?? limit.max
  const value = units.say(m.judged?.value ?? 0, limit.unit, READABLE)
  const keep = useWrite(
    (fields: Schemas['FindingFields'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/findings', {
          params: { path: { projectId } },
          body: { id, fields },
          ...write(writeId),
        }),
      ),
    { said: () => t('reading.kept') },
  )
  return (
    <div className="grid gap-2">
      <p className="font-semibold">
        {t('reading.countsAsOpen', { kind: t(`kind.${proposes.kind}`), safety: proposes.safetyClass })}
      </p>
      <ProblemAlert error={keep.error} />
      <div>
        <button
          type="button"
          className="btn btn-primary"
          disabled={keep.isPending}
          onClick={() =>
            keep.mutate({
              zone: proposes.zone,
              kind: proposes.kind,
              covered: false,
              foundOn: format.today(),
              limitId: m.limitId,
              note:
                bound === undefined
                  ? t('reading.asNote', { name: limit.name, value })
                  : t('reading.asNoteWithLimit', { name: limit.name, value, limit: units.say(bound, limit.unit) }),
            })
          }
        >
          {t('reading.keepFinding')}
        </button>
      </div>
    </div>
  )
}

function Meaning({ measured: m, limit }: { measured: Measured; limit: Measurable }) {
  const { t } = useTranslation()
  const units = useUnits()
  if (!m.judged) return <p className="quiet">{t(limit.pairs.length > 0 ? 'reading.fewOfPairs' : 'reading.few')}</p>
  const value = units.say(m.judged.value, limit.unit, READABLE)
  return (
    <p className="first-letter:uppercase">
      {limit.derived && m.judged.why !== 'ASK_AGAIN' && `${t(`reading.derived.${limit.derived}`, { value })}: `}
      {t(`reading.why.${m.judged.why}`)}
      {m.judged.outcome !== 'NOT_JUDGED' &&
        `, ${t('reading.margin', { margin: `${units.difference(Math.abs(m.judged.margin), limit.unit)} ${units.word(limit.unit)}` })}`}
      .{m.judged.rework && ` ${reworkSentence(t, units, m.judged.rework, limit.unit)}`}
    </p>
  )
}

/** "Take it up by 0.04 to 0.2 mm." */
function reworkSentence(
  t: TFunction,
  units: Units,
  r: NonNullable<NonNullable<Measured['judged']>['rework']>,
  unit: Measurable['unit'],
) {
  const amount = (n: number) => units.difference(Math.abs(n), unit)
  const range = r.most === undefined ? 'open' : 'range'
  return t(`reading.rework.${r.least > 0 ? 'up' : 'down'}.${range}`, {
    least: amount(r.least),
    most: amount(r.most ?? r.least),
    unit: units.word(unit),
  })
}

function Ages({ measured: m }: { measured: Measured }) {
  const { t } = useTranslation()
  const units = useUnits()
  const format = useFormat()
  return (
    <ul>
      {m.points
        .filter((p) => p.last)
        .map((p) => (
          <li key={p.id}>
            {p.spot}: {format.month(p.madeOn!)}, {units.say(p.value, 'YEAR', READABLE)}
            {p.expiresOn && `, ${t('reading.expires', { date: format.dayAndYear(p.expiresOn) })}`}
          </li>
        ))}
    </ul>
  )
}

function Source({ limit, mayClear }: { limit: Measurable; mayClear: boolean }) {
  const { t } = useTranslation()
  const units = useUnits()
  const { min, max } = limit
  const said = (value: number) => units.say(value, limit.unit)
  const bound =
    min !== undefined && max !== undefined
      ? t('reading.between', { min: units.figure(min, limit.unit), max: said(max) })
      : min !== undefined
        ? t('reading.least', { value: said(min) })
        : max !== undefined && t('reading.most', { value: said(max) })
  return (
    <p className="quiet text-sm">
      {bound && `${t('reading.limit', { limit: bound })} `}
      {limit.figures[0]
        ? t(`reading.bySource.${limit.figures[0].sourceKind}`, { source: limit.source.work }) +
          (limit.source.verified ? '' : ` ${t('reading.notCompared')}`)
        : bound && t('reading.general', { source: limit.source.work })}
      {mayClear && ` ${t('reading.mayClear')}`}
      {limit.figures.slice(1).map((f) => (
        <span key={f.id} className="block">
          {t('reading.besideIt', {
            kind: t(`reading.kindOfSource.${f.sourceKind}`),
            figure: [f.least, f.most]
              .filter((v) => v !== undefined)
              .map((v) => units.figure(v, limit.unit))
              .join('–'),
            document: f.document,
          })}
        </span>
      ))}
    </p>
  )
}
