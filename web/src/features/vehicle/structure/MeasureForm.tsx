import { useState } from 'react'
import { z } from 'zod'
import { stages } from '@/api/generated/enums'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Measured, useMeasureRule } from '@/ui/form/measured'
import { Line, Pick } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import type { ReferencePoint } from './structure'

/** What a distance really is: as found, after pulling, after fitting. */
export function MeasureForm({
  projectId,
  point,
  onClose,
}: {
  projectId: string
  point: ReferencePoint
  onClose: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const [id] = useState(() => crypto.randomUUID())
  const form = useFields(
    z.object({
      stage: z.enum(stages),
      actualMm: useMeasureRule('MILLIMETRE')(t('reading.valueWrong')),
      measuredOn: line(t('form.missing')),
    }),
    {
      stage: stages[Math.min(point.stages.length, stages.length - 1)]!,
      actualMm: '',
      measuredOn: format.today(),
    },
  )
  const save = useWrite(
    (body: Schemas['ActualRow'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/structure/readings', {
          params: { path: { projectId } },
          body,
          ...write(writeId),
        }),
      ),
    { said: () => t('shell.kept'), done: onClose },
  )
  return (
    <Sheet title={point.row.name} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('shell.keep')}
        onSubmit={(v) => save.mutate({ id, pointId: point.row.id, ...v })}
      >
        <Pick name="stage" label={t('shell.when')} of={stages} say={(s) => t(`shell.stage.${s}`)} />
        <Measured unit="MILLIMETRE" name="actualMm" label={t('shell.actual')} />
        <Line name="measuredOn" label={t('reading.readOn')} type="date" />
      </Form>
    </Sheet>
  )
}
