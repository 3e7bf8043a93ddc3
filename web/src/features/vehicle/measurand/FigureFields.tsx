import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { Decimal, Line, Pick, Tick } from '@/ui/form/named'
import { number, orNothing } from '@/ui/form/rules'
import { figureKinds, type SourceKind } from '../reading/readings'

/** What a figure consists of as it is typed: between which bounds, by which document. */
export function useFigureRules() {
  const { t } = useTranslation()
  const bound = orNothing(number(t('reading.valueWrong')))
  return {
    sourceKind: z.enum(figureKinds),
    least: bound,
    most: bound,
    document: z.string(),
    compared: z.boolean(),
  }
}

/** A stored figure as its fields show it; empty where none is known of that source. */
export const figureText = (sourceKind: SourceKind, known?: Schemas['FigureRow']) => ({
  sourceKind,
  least: known?.least?.toString() ?? '',
  most: known?.most?.toString() ?? '',
  document: known?.document ?? '',
  compared: known?.compared ?? false,
})

/** @param onKind where another kind of source brings what is known of it */
export function FigureFields({ unit, onKind }: { unit: string; onKind?: (kind: SourceKind) => void }) {
  const { t } = useTranslation()
  return (
    <>
      <Pick
        name="sourceKind"
        label={t('reading.sourceKind')}
        of={figureKinds}
        say={(k) => t(`reading.kindOfSource.${k}`)}
        onChosen={onKind}
      />
      <div className="grid grid-cols-2 gap-2">
        <Decimal name="least" label={t('reading.figureLeast', { unit })} />
        <Decimal name="most" label={t('reading.figureMost', { unit })} />
      </div>
      <Line name="document" label={t('reading.document')} />
      <Tick name="compared" label={t('reading.compared')} />
    </>
  )
}
