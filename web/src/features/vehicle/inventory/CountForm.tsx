import { useState } from 'react'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Pick, Whole } from '@/ui/form/named'
import { line, whole } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { Sheet } from '@/ui/form/Sheet'

type Row = Schemas['InventoryRow']
type Props = { projectId: string; zones: string[]; nameOf: (zone: string) => string; line?: Row; onClose: () => void }
const counts = ['expected', 'onVehicle', 'loose'] as const

/** Counts one sort of part: how many belong to the car, are on it, lie loose. */
export function CountForm({ projectId, zones, nameOf, line: row, onClose }: Props) {
  const { t } = useTranslation()
  const [id] = useState(() => row?.id ?? crypto.randomUUID())
  const count = whole(t('boxes.numbersWrong'), { min: 0, max: 9999 })
  const form = useFields(
    z.object({
      zone: z.string(),
      name: line(t('form.missing')),
      box: z.string().max(120),
      expected: count,
      onVehicle: count,
      loose: count,
    }),
    {
      zone: row?.zone ?? zones[0]!,
      name: row?.name ?? '',
      box: row?.box ?? '',
      expected: String(row?.expected ?? 1),
      onVehicle: String(row?.onVehicle ?? 0),
      loose: String(row?.loose ?? 0),
    },
  )
  const save = useWrite(
    (body: Row, writeId) =>
      unwrap(
        api.PUT('/api/projects/{projectId}/inventory', { params: { path: { projectId } }, body, ...write(writeId) }),
      ),
    { said: (counted) => t('boxes.saved', { name: counted.name }), done: onClose },
  )
  return (
    <Sheet title={t(row ? 'boxes.again' : 'boxes.add')} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('boxes.save')}
        onSubmit={(v) => save.mutate({ ...v, id, version: row?.version ?? 0 })}
      >
        <Line name="name" label={t('boxes.name')} />
        <Pick name="zone" label={t('boxes.zone')} of={zones} say={nameOf} />
        <div className="grid grid-cols-3 gap-2">
          {counts.map((c) => (
            <Whole key={c} name={c} label={t(`boxes.${c}`)} />
          ))}
        </div>
        <Line name="box" label={t('boxes.box')} />
      </Form>
    </Sheet>
  )
}
