import { useTranslation } from 'react-i18next'
import { Choice, TextField } from '@/ui/form/Field'
import { figureKinds, numberOf, type SourceKind } from '../reading/readings'

/** A figure as it is typed: between which bounds, by which document. */
export type Typed = { kind: SourceKind; least: string; most: string; document: string; compared: boolean }
export const nothingTyped: Typed = { kind: 'VEHICLE', least: '', most: '', document: '', compared: false }

/** The bounds that were typed; undefined where one is no number. */
export function boundsOf(typed: Typed): { least?: number; most?: number } | undefined {
  const [least, most] = [numberOf(typed.least), numberOf(typed.most)]
  if (Number.isNaN(least) || Number.isNaN(most)) return undefined
  return { ...(least !== undefined && { least }), ...(most !== undefined && { most }) }
}

export function FigureFields({
  typed,
  unit,
  onKind,
  onChange,
}: {
  typed: Typed
  unit: string
  /** Where another kind of source brings what is known of it. */
  onKind?: (kind: SourceKind) => void
  onChange: (typed: Typed) => void
}) {
  const { t } = useTranslation()
  const put = (change: Partial<Typed>) => onChange({ ...typed, ...change })
  return (
    <>
      <Choice
        label={t('reading.sourceKind')}
        value={typed.kind}
        onChange={(e) => (onKind ?? ((kind) => put({ kind })))(e.target.value as SourceKind)}
      >
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
          value={typed.least}
          onChange={(e) => put({ least: e.target.value })}
        />
        <TextField
          label={t('reading.figureMost', { unit })}
          inputMode="decimal"
          value={typed.most}
          onChange={(e) => put({ most: e.target.value })}
        />
      </div>
      <TextField
        label={t('reading.document')}
        value={typed.document}
        onChange={(e) => put({ document: e.target.value })}
      />
      <label className="flex min-h-11 items-center gap-2">
        <input
          type="checkbox"
          className="checkbox"
          checked={typed.compared}
          onChange={(e) => put({ compared: e.target.checked })}
        />
        {t('reading.compared')}
      </label>
      {!boundsOf(typed) && <p className="font-semibold text-error">{t('reading.valueWrong')}</p>}
    </>
  )
}
