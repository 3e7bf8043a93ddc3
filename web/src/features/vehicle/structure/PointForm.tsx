import { useState } from 'react'
import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { references } from '@/api/generated/enums'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Measured, useMeasureRule, useMeasureText } from '@/ui/form/measured'
import { Line, Pick, Tick } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { Sheet } from '@/ui/form/Sheet'

type Row = Schemas['PointRow']
type Props = { projectId: string; zones: string[]; nameOf: (zone: string) => string; row?: Row; onClose: () => void }

/** A distance of the shell: from where to where, what it ought to be, and by what one knows. */
export function PointForm({ projectId, zones, nameOf, row, onClose }: Props) {
  const { t } = useTranslation()
  const [id] = useState(() => row?.id ?? crypto.randomUUID())
  const text = useMeasureText('MILLIMETRE')
  const millimetres = useMeasureRule('MILLIMETRE')(t('form.number'), { min: 0 })
  const rules = z.object({
    zone: z.string(),
    name: line(t('form.missing')),
    expectedMm: millimetres,
    toleranceMm: millimetres,
    against: z.enum(references),
    reference: z.string().max(120),
    reliable: z.boolean(),
  })
  const form = useFields(rules, {
    zone: row?.zone ?? zones[0]!,
    name: row?.name ?? '',
    expectedMm: text(row?.expectedMm),
    toleranceMm: text(row?.toleranceMm ?? 3),
    against: row?.against ?? ('DOCUMENT' as const),
    reference: row?.reference ?? '',
    reliable: row?.reliable ?? false,
  })
  const against = useWatch({ control: form.control, name: 'against' })
  const save = useWrite(
    (body: Row, writeId) =>
      unwrap(
        api.PUT('/api/projects/{projectId}/structure/points', {
          params: { path: { projectId } },
          body,
          ...write(writeId),
        }),
      ),
    { said: (v) => t('shell.pointKept', { name: v.name }), done: onClose },
  )
  return (
    <Sheet title={t(row ? 'shell.edit' : 'shell.add')} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('shell.keepPoint')}
        onSubmit={(v) => save.mutate({ ...v, id, version: row?.version ?? 0 })}
      >
        <Line name="name" label={t('shell.name')} />
        <Pick name="zone" label={t('reading.where')} of={zones} say={nameOf} />
        <div className="grid grid-cols-2 gap-2">
          <Measured unit="MILLIMETRE" name="expectedMm" label={t('shell.expected')} />
          <Measured unit="MILLIMETRE" name="toleranceMm" label={t('shell.tolerance')} />
        </div>
        <Pick name="against" label={t('shell.by')} of={references} say={(a) => t(`shell.by${a}`)} />
        <Line name="reference" label={t(`shell.reference${against}`)} />
        <Tick name="reliable" label={t(`shell.reliable${against}`)} />
      </Form>
    </Sheet>
  )
}
