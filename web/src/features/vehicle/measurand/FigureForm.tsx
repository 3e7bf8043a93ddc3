import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { filled } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { FigureFields, figureText, useFigureRules } from './FigureFields'
import type { Measurable, SourceKind } from '../reading/readings'

/** A figure for this vehicle and where it comes from; the best source decides, and all stay side by side. */
export function FigureForm({ projectId, limit, onDone }: { projectId: string; limit: Measurable; onDone: () => void }) {
  const { t } = useTranslation()
  const of = (kind: SourceKind) => limit.figures.find((f) => f.sourceKind === kind)
  const textOf = (kind: SourceKind) => figureText(kind, of(kind))
  const form = useFields(z.object(useFigureRules()), textOf(limit.figures[0]?.sourceKind ?? 'VEHICLE'))
  const save = useWrite(
    (body: Schemas['FigureRow'], id) =>
      unwrap(api.PUT('/api/projects/{projectId}/figures', { params: { path: { projectId } }, body, ...write(id) })),
    { said: () => t('reading.figureKept'), done: onDone },
  )
  return (
    <Form
      form={form}
      save={save}
      label={t('reading.keepFigure')}
      onCancel={onDone}
      onSubmit={(figure) => {
        const known = of(figure.sourceKind)
        save.mutate({
          id: known?.id ?? crypto.randomUUID(),
          limitId: limit.id,
          ...filled(figure),
          version: known?.version ?? 0,
        })
      }}
    >
      <FigureFields unit={t(`unit.${limit.unit}`)} onKind={(kind) => form.reset(textOf(kind))} />
    </Form>
  )
}
