import { useState } from 'react'
import { Controller, useWatch } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { safetyClasses, systems } from '@/api/generated/enums'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Pick, Tick } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { Sheet } from '@/ui/form/Sheet'
import { useFields } from '@/ui/form/useFields'
import { units } from '../reading/readings'
import { boundsOf, FigureFields, nothingTyped, type Typed } from './FigureFields'

/** The figure that was typed with it, if any was. */
function figureOf(typed: Typed, limitId: string): { figure?: Schemas['FigureRow'] } {
  const bounds = boundsOf(typed) ?? {}
  if (Object.keys(bounds).length === 0) return {}
  const { kind: sourceKind, document, compared } = typed
  return { figure: { id: crypto.randomUUID(), limitId, sourceKind, ...bounds, document, compared, version: 0 } }
}

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
      figure: z.custom<Typed>((typed) => !!boundsOf(typed as Typed)),
    }),
    {
      name: '',
      unit: 'MILLIMETRE',
      system: 'ENGINE',
      safetyClass: 'C',
      adjustable: false,
      figure: nothingTyped,
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
        onSubmit={({ figure, ...said }) => save.mutate({ measurand: { id, ...said }, ...figureOf(figure, limitId) })}
      >
        <Line name="name" label={t('own.name')} hint={t('own.nameHint')} />
        <div className="grid grid-cols-2 gap-2">
          <Pick name="unit" label={t('own.unit')} of={units} say={(u) => t(`unit.${u}`)} />
          <Pick name="system" label={t('own.system')} of={systems} say={(s) => t(`system.${s}`)} />
        </div>
        <Controller
          name="figure"
          control={form.control}
          render={({ field }) => (
            <FigureFields typed={field.value} unit={t(`unit.${unit}`)} onChange={field.onChange} />
          )}
        />
        <Pick name="safetyClass" label={t('own.ifOutside')} of={safetyClasses} say={(c) => t(`safety.${c}`)} />
        <Tick name="adjustable" label={t('own.adjustable')} />
      </Form>
    </Sheet>
  )
}
