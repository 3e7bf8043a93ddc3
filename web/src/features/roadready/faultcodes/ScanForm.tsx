import { useState } from 'react'
import { useWatch } from 'react-hook-form'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line, Note, Tick } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import { codesOf } from './codesOf'
import type { Faults } from './faultCodes'

/** All codes of one reading, a module to a line. */
export function ScanForm({ projectId, faults, onClose }: { projectId: string; faults: Faults; onClose: () => void }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [id] = useState(() => crypto.randomUUID())
  const form = useFields(
    z.object({
      text: z.string().refine((typed) => codesOf(typed) !== 'unreadable', t('codes.unreadable')),
      scannedOn: line(t('form.missing')),
      afterDrive: z.boolean(),
    }),
    { text: '', scannedOn: format.today(), afterDrive: false },
  )
  const codes = codesOf(useWatch({ control: form.control, name: 'text' }))
  const save = useWrite(
    (body: Schemas['NewScanRequest'], writeId) =>
      unwrap(
        api.POST('/api/projects/{projectId}/fault-codes', { params: { path: { projectId } }, body, ...write(writeId) }),
      ),
    { said: (b) => t('codes.kept', { count: b.codes.length }), done: onClose },
  )
  const modules = [...new Set(faults.lines.map((l) => l.code.module))]
  return (
    <Sheet title={t('codes.read')} onClose={onClose}>
      <Form
        form={form}
        save={save}
        label={t('codes.keep')}
        onSubmit={({ scannedOn, afterDrive }) =>
          codes !== 'unreadable' && save.mutate({ id, scannedOn, afterDrive, codes })
        }
      >
        <Note
          name="text"
          label={t('codes.text')}
          hint={t('codes.textHint', { example: `${modules[0] ?? t('codes.engine')}: P0301 P0562` })}
          rows={5}
        />
        <p>{codes !== 'unreadable' && t('codes.understood', { count: codes.length })}</p>
        <Line name="scannedOn" label={t('reading.readOn')} type="date" />
        <Tick name="afterDrive" label={t('codes.afterDrive')} />
      </Form>
    </Sheet>
  )
}
