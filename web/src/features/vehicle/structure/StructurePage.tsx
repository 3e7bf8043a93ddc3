import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus, Printer } from 'lucide-react'
import { drawingQuery } from '@/api/queries'
import { Loaded } from '@/ui/page/Feedback'
import { useUnits } from '@/ui/format/units'
import { Further, Page, Part } from '@/ui/page/Page'
import { groupBy } from '@/ui/format/groupBy'
import { useZoneNames } from '@/ui/format/names/zones'
import { DeviationBar } from './DeviationBar'
import { MeasureForm } from './MeasureForm'
import { PointForm } from './PointForm'
import { shellQuery, type ReferencePoint } from './structure'

const todo = ['REPLACE', 'MOVE_BEFORE_WELDING', 'PULL', 'FIND_A_REFERENCE', 'MEASURE', 'FIT'] as const

/** How far the shell is off, point by point, before and after it was pulled and fitted. */
export function StructurePage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const body = useQuery(drawingQuery(projectId))
  const nameOf = useZoneNames(projectId)
  const points = useQuery(shellQuery(projectId))
  const [editing, setEditing] = useState<ReferencePoint | 'new'>()
  const [measuring, setMeasuring] = useState<ReferencePoint>()
  return (
    <Loaded query={points} what={t('shell.loading')}>
      {(all) => (
        <Page
          title={t('shell.title')}
          answer={<Answer points={all} />}
          action={
            <>
              {all.length > 0 && (
                <button type="button" className="btn" onClick={() => window.print()}>
                  <Printer className="size-5" aria-hidden="true" />
                  {t('shell.print')}
                </button>
              )}
              <button type="button" className="btn btn-primary" onClick={() => setEditing('new')}>
                <Plus className="size-5" aria-hidden="true" />
                {t('shell.add')}
              </button>
            </>
          }
        >
          {[...groupBy(all, (p) => p.row.zone)].map(([zone, here]) => (
            <Part key={zone} title={nameOf(zone)}>
              <ul className="grid gap-3">
                {here.map((p) => (
                  <PointItem key={p.row.id} point={p} onMeasure={() => setMeasuring(p)} onEdit={() => setEditing(p)} />
                ))}
              </ul>
            </Part>
          ))}
          {editing && body.data && (
            <PointForm
              projectId={projectId}
              zones={body.data.zones.map((z) => z.id)}
              nameOf={nameOf}
              {...(editing !== 'new' && { row: editing.row })}
              onClose={() => setEditing(undefined)}
            />
          )}
          {measuring && <MeasureForm projectId={projectId} point={measuring} onClose={() => setMeasuring(undefined)} />}
        </Page>
      )}
    </Loaded>
  )
}

function Answer({ points }: { points: ReferencePoint[] }) {
  const { t } = useTranslation()
  if (points.length === 0) return t('shell.none')
  const advice = todo.find((a) => points.some((p) => p.advice === a))
  if (!advice) return t('shell.straight', { count: points.length })
  const first = points.filter((p) => p.advice === advice)
  return (
    <>
      {t(`shell.todo.${advice}`, { count: first.length, what: first[0]!.row.name })}
      <Further>{t('shell.notBefore')}</Further>
    </>
  )
}

function PointItem({
  point: p,
  onMeasure,
  onEdit,
}: {
  point: ReferencePoint
  onMeasure: () => void
  onEdit: () => void
}) {
  const { t } = useTranslation()
  const units = useUnits()
  return (
    <li className="card-sheet grid gap-2 p-3 md:grid-cols-[1fr_22rem_auto] md:items-center">
      <div>
        <h3 className="font-semibold">{p.row.name}</h3>
        <p className="quiet text-sm">
          {t('shell.ought', {
            expected: units.say(p.row.expectedMm, 'MILLIMETRE'),
            tolerance: units.say(p.row.toleranceMm, 'MILLIMETRE'),
          })}
          , {t(`shell.against.${p.row.against}`, { reference: p.row.reference })}
        </p>
        <p className="font-semibold">{t(`shell.advice.${p.advice}`)}</p>
      </div>
      <DeviationBar point={p} />
      <div className="no-print flex flex-wrap gap-2">
        <button
          type="button"
          className="btn"
          aria-label={t('actOn', { act: t('shell.measure'), what: p.row.name })}
          onClick={onMeasure}
        >
          {t('shell.measure')}
        </button>
        <button
          type="button"
          className="btn btn-ghost"
          aria-label={t('actOn', { act: t('shell.edit'), what: p.row.name })}
          onClick={onEdit}
        >
          {t('shell.edit')}
        </button>
      </div>
    </li>
  )
}
