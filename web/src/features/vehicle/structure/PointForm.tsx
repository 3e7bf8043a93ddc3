import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'

type Row = Schemas['PointRow']
const number = (typed: string) => (typed.trim() === '' ? NaN : Number(typed.replace(',', '.')))

/** A distance of the shell: from where to where, what it ought to be, and by what one knows. */
export function PointForm({
  projectId,
  zones,
  nameOf,
  row,
  onClose,
}: {
  projectId: string
  zones: string[]
  nameOf: (zone: string) => string
  row?: Row
  onClose: () => void
}) {
  const { t } = useTranslation()
  const [id] = useState(() => row?.id ?? crypto.randomUUID())
  const [v, setV] = useState({
    zone: row?.zone ?? zones[0]!,
    name: row?.name ?? '',
    expected: row ? String(row.expectedMm) : '',
    tolerance: row ? String(row.toleranceMm) : '3',
    reference: row?.reference ?? '',
  })
  const [against, setAgainst] = useState<Row['against']>(row?.against ?? 'DOCUMENT')
  const [reliable, setReliable] = useState(row?.reliable ?? false)
  const put = (key: keyof typeof v) => (e: { target: { value: string } }) => setV({ ...v, [key]: e.target.value })
  const [expectedMm, toleranceMm] = [number(v.expected), number(v.tolerance)]
  const save = useWrite(
    (body: Row, writeId) =>
      unwrap(
        api.PUT('/api/projects/{projectId}/structure/points', {
          params: { path: { projectId } },
          body,
          ...write(writeId),
        }),
      ),
    { said: () => t('shell.pointKept', { name: v.name }), done: onClose },
  )
  return (
    <Sheet title={t(row ? 'shell.edit' : 'shell.add')} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({
            id,
            zone: v.zone,
            name: v.name,
            expectedMm,
            toleranceMm,
            against,
            reference: v.reference,
            reliable,
            version: row?.version ?? 0,
          })
        }}
      >
        <TextField label={t('shell.name')} value={v.name} maxLength={120} onChange={put('name')} />
        <Choice label={t('reading.where')} value={v.zone} onChange={put('zone')}>
          {zones.map((z) => (
            <option key={z} value={z}>
              {nameOf(z)}
            </option>
          ))}
        </Choice>
        <div className="grid grid-cols-2 gap-2">
          <TextField label={t('shell.expected')} inputMode="decimal" value={v.expected} onChange={put('expected')} />
          <TextField label={t('shell.tolerance')} inputMode="decimal" value={v.tolerance} onChange={put('tolerance')} />
        </div>
        <Choice label={t('shell.by')} value={against} onChange={(e) => setAgainst(e.target.value as Row['against'])}>
          {(['DOCUMENT', 'NEIGHBOUR'] as const).map((a) => (
            <option key={a} value={a}>
              {t(`shell.by${a}`)}
            </option>
          ))}
        </Choice>
        <TextField
          label={t(`shell.reference${against}`)}
          value={v.reference}
          maxLength={120}
          onChange={put('reference')}
        />
        <label className="flex min-h-11 items-center gap-2">
          <input
            type="checkbox"
            className="checkbox"
            checked={reliable}
            onChange={(e) => setReliable(e.target.checked)}
          />
          {t(`shell.reliable${against}`)}
        </label>
        <ProblemAlert error={save.error} />
        <button
          type="submit"
          className="btn btn-primary"
          disabled={Number.isNaN(expectedMm + toleranceMm) || save.isPending}
        >
          {t('shell.keepPoint')}
        </button>
      </form>
    </Sheet>
  )
}
