import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/Feedback'
import { Choice, TextField } from '@/ui/Field'
import { figureKinds, numberOf, type Measurable, type SourceKind } from './readings'

/** A figure for this vehicle and where it comes from; the best source decides, and all stay side by side. */
export function FigureForm({ projectId, limit, onDone }: { projectId: string; limit: Measurable; onDone: () => void }) {
  const { t } = useTranslation()
  const of = (kind: SourceKind) => limit.figures.find((f) => f.sourceKind === kind)
  const [kind, setKind] = useState<SourceKind>(limit.figures[0]?.sourceKind ?? 'VEHICLE')
  const [least, setLeast] = useState(of(kind)?.least?.toString() ?? '')
  const [most, setMost] = useState(of(kind)?.most?.toString() ?? '')
  const [document, setDocument] = useState(of(kind)?.document ?? '')
  const [compared, setCompared] = useState(of(kind)?.compared ?? false)
  const choose = (chosen: SourceKind) => {
    const known = of(chosen)
    setKind(chosen)
    setLeast(known?.least?.toString() ?? '')
    setMost(known?.most?.toString() ?? '')
    setDocument(known?.document ?? '')
    setCompared(known?.compared ?? false)
  }
  const save = useWrite(
    (body: Schemas['FigureRow'], id) =>
      unwrap(api.PUT('/api/projects/{projectId}/figures', { params: { path: { projectId } }, body, ...write(id) })),
    { said: () => t('reading.figureKept'), done: onDone },
  )
  const unit = t(`unit.${limit.unit}`)
  const unread = [least, most].some((v) => Number.isNaN(numberOf(v)))
  return (
    <form
      className="grid gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        const [min, max] = [numberOf(least), numberOf(most)]
        save.mutate({
          id: of(kind)?.id ?? crypto.randomUUID(),
          limitId: limit.id,
          sourceKind: kind,
          ...(min !== undefined && { least: min }),
          ...(max !== undefined && { most: max }),
          document,
          compared,
          version: of(kind)?.version ?? 0,
        })
      }}
    >
      <Choice label={t('reading.sourceKind')} value={kind} onChange={(e) => choose(e.target.value as SourceKind)}>
        {figureKinds.map((k) => (
          <option key={k} value={k}>
            {t(`reading.kindOfSource.${k}`)}
          </option>
        ))}
      </Choice>
      <div className="grid grid-cols-2 gap-2">
        <TextField
          label={t('reading.figureLeast', { unit })}
          inputMode="decimal"
          value={least}
          onChange={(e) => setLeast(e.target.value)}
        />
        <TextField
          label={t('reading.figureMost', { unit })}
          inputMode="decimal"
          value={most}
          onChange={(e) => setMost(e.target.value)}
        />
      </div>
      <TextField label={t('reading.document')} value={document} onChange={(e) => setDocument(e.target.value)} />
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="checkbox"
          checked={compared}
          onChange={(e) => setCompared(e.target.checked)}
        />
        {t('reading.compared')}
      </label>
      {unread && <p className="font-semibold text-error">{t('reading.valueWrong')}</p>}
      <ProblemAlert error={save.error} />
      <div className="flex gap-2">
        <button type="submit" className="btn btn-primary" disabled={unread || save.isPending}>
          {t('reading.keepFigure')}
        </button>
        <button type="button" className="btn" onClick={onDone}>
          {t('notNow')}
        </button>
      </div>
    </form>
  )
}
