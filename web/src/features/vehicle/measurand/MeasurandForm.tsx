import { useState } from 'react'
import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { safetyClasses, systems } from '@/api/generated/enums'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Pick, Tick } from '@/ui/form/named'
import { filled, line } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { units } from '../reading/readings'
import { FigureFields, figureText, useFigureRules } from './FigureFields'

type Props = { projectId: string; onDone: (limitId: string) => void; onClose: () => void }

/** Something of one's own to measure: its unit, and between which figures of which book it must lie. */
export function MeasurandForm({ projectId, onDone, onClose }: Props) {
  const { t } = useTranslation()
  const [id] = useState(() => crypto.randomUUID() as string)
  const limitId = `own-${id}`
  const form = useFields(
    z.object({
      name: line(t('form.missing')),
      unit: z.enum(units),
      system: z.enum(systems),
      safetyClass: z.enum(safetyClasses),
      adjustable: z.boolean(),
      ...useFigureRules(),
    }),
    {
      name: '',
      unit: 'MILLIMETRE',
      system: 'ENGINE',
      safetyClass: 'C',
      adjustable: false,
      ...figureText('VEHICLE'),
    },
  )
  const unit = useWatch({ control: form.control, name: 'unit' })
  const save = useWrite(
    (body: Schemas['MeasurandRequest'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/measurands', { params: { path: { projectId } }, body, ...write(writeId) }),
      ),
    { said: (b) => t('own.kept', { name: b.measurand.name }), done: () => onDone(limitId) },
  )
  return (
    <Sheet title={t('own.add')} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('own.save')}
        onSubmit={({ sourceKind, least, most, document, compared, ...said }) => {
          const figure = { sourceKind, document, compared, ...filled({ least, most }) }
          save.mutate({
            measurand: { id, ...said },
            ...((least ?? most) !== undefined && {
              figure: { id: crypto.randomUUID(), limitId, ...figure, version: 0 },
            }),
          })
        }}
      >
        <Line name="name" label={t('own.name')} hint={t('own.nameHint')} />
        <div className="grid grid-cols-2 gap-2">
          <Pick name="unit" label={t('own.unit')} of={units} say={(u) => t(`unit.${u}`)} />
          <Pick name="system" label={t('own.system')} of={systems} say={(s) => t(`system.${s}`)} />
        </div>
        <FigureFields unit={t(`unit.${unit}`)} />
        <Pick name="safetyClass" label={t('own.ifOutside')} of={safetyClasses} say={(c) => t(`safety.${c}`)} />
        <Tick name="adjustable" label={t('own.adjustable')} />
      </Form>
    </Sheet>
  )
}
