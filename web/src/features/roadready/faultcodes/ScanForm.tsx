import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { NoteField, TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'
import { useFormat } from '@/ui/format/format'
import { codesOf } from './codesOf'
import type { Faults } from './faultCodes'

/** All codes of one reading, a module to a line. */
export function ScanForm({ projectId, faults, onClose }: { projectId: string; faults: Faults; onClose: () => void }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [id] = useState(() => crypto.randomUUID())
  const [text, setText] = useState('')
  const [scannedOn, setScannedOn] = useState(format.today())
  const [afterDrive, setAfterDrive] = useState(false)
  const codes = codesOf(text)
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
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          if (codes !== 'unreadable') save.mutate({ id, scannedOn, afterDrive, codes })
        }}
      >
        <NoteField
          label={t('codes.text')}
          hint={t('codes.textHint', { example: `${modules[0] ?? t('codes.engine')}: P0301 P0562` })}
          error={codes === 'unreadable' ? t('codes.unreadable') : undefined}
          rows={5}
          value={text}
          onChange={(e) => setText(e.target.value)}
        />
        <p>{codes !== 'unreadable' && t('codes.understood', { count: codes.length })}</p>
        <TextField
          label={t('reading.readOn')}
          type="date"
          value={scannedOn}
          onChange={(e) => setScannedOn(e.target.value)}
        />
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={afterDrive}
            onChange={(e) => setAfterDrive(e.target.checked)}
          />
          {t('codes.afterDrive')}
        </label>
        <ProblemAlert error={save.error} />
        <button type="submit" className="btn btn-primary" disabled={codes === 'unreadable' || save.isPending}>
          {t('codes.keep')}
        </button>
      </form>
    </Sheet>
  )
}
