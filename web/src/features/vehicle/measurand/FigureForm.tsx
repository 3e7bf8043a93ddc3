import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { boundsOf, FigureFields, nothingTyped, type Typed } from './FigureFields'
import type { Measurable, SourceKind } from '../reading/readings'

/** A figure for this vehicle and where it comes from; the best source decides, and all stay side by side. */
export function FigureForm({ projectId, limit, onDone }: { projectId: string; limit: Measurable; onDone: () => void }) {
  const { t } = useTranslation()
  const of = (kind: SourceKind) => limit.figures.find((f) => f.sourceKind === kind)
  const knownOf = (kind: SourceKind): Typed => {
    const known = of(kind)
    return known
      ? {
          kind,
          least: known.least?.toString() ?? '',
          most: known.most?.toString() ?? '',
          document: known.document,
          compared: known.compared,
        }
      : { ...nothingTyped, kind }
  }
  const [typed, setTyped] = useState(() => knownOf(limit.figures[0]?.sourceKind ?? 'VEHICLE'))
  const save = useWrite(
    (body: Schemas['FigureRow'], id) =>
      unwrap(api.PUT('/api/projects/{projectId}/figures', { params: { path: { projectId } }, body, ...write(id) })),
    { said: () => t('reading.figureKept'), done: onDone },
  )
  const bounds = boundsOf(typed)
  return (
    <form
      className="grid gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        save.mutate({
          id: of(typed.kind)?.id ?? crypto.randomUUID(),
          limitId: limit.id,
          sourceKind: typed.kind,
          ...bounds,
          document: typed.document,
          compared: typed.compared,
          version: of(typed.kind)?.version ?? 0,
        })
      }}
    >
      <FigureFields
        typed={typed}
        unit={t(`unit.${limit.unit}`)}
        onKind={(kind) => setTyped(knownOf(kind))}
        onChange={setTyped}
      />
      <ProblemAlert error={save.error} />
      <div className="flex gap-2">
        <button type="submit" className="btn btn-primary" disabled={!bounds || save.isPending}>
          {t('reading.keepFigure')}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          {t('notNow')}
        </button>
      </div>
    </form>
  )
}
