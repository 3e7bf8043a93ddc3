import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { Sheet } from '@/ui/form/Sheet'

type Row = Schemas['InventoryRow']
const counts = ['expected', 'onVehicle', 'loose'] as const

/** Counts one sort of part: how many belong to the car, are on it, lie loose. */
export function CountForm({
  projectId,
  zones,
  nameOf,
  line,
  onClose,
}: {
  projectId: string
  zones: string[]
  nameOf: (zone: string) => string
  line?: Row
  onClose: () => void
}) {
  const { t } = useTranslation()
  const [id] = useState(() => line?.id ?? crypto.randomUUID())
  const [zone, setZone] = useState(line?.zone ?? zones[0]!)
  const [name, setName] = useState(line?.name ?? '')
  const [box, setBox] = useState(line?.box ?? '')
  const [typed, setTyped] = useState({
    expected: String(line?.expected ?? 1),
    onVehicle: String(line?.onVehicle ?? 0),
    loose: String(line?.loose ?? 0),
  })
  const whole = counts.every((c) => /^\d{1,4}$/.test(typed[c]))
  const save = useWrite(
    (body: Row, writeId) =>
      unwrap(
        api.PUT('/api/projects/{projectId}/inventory', { params: { path: { projectId } }, body, ...write(writeId) }),
      ),
    { said: (row) => t('boxes.saved', { name: row.name }), done: onClose },
  )
  return (
    <Sheet title={t(line ? 'boxes.again' : 'boxes.add')} onClose={onClose}>
      <form
        className="grid gap-3"
        onSubmit={(e) => {
          e.preventDefault()
          save.mutate({
            id,
            zone,
            name,
            box,
            expected: Number(typed.expected),
            onVehicle: Number(typed.onVehicle),
            loose: Number(typed.loose),
            version: line?.version ?? 0,
          })
        }}
      >
        <TextField label={t('boxes.name')} value={name} maxLength={120} onChange={(e) => setName(e.target.value)} />
        <Choice label={t('boxes.zone')} value={zone} onChange={(e) => setZone(e.target.value)}>
          {zones.map((z) => (
            <option key={z} value={z}>
              {nameOf(z)}
            </option>
          ))}
        </Choice>
        <div className="grid grid-cols-3 gap-2">
          {counts.map((c) => (
            <TextField
              key={c}
              label={t(`boxes.${c}`)}
              inputMode="numeric"
              value={typed[c]}
              onChange={(e) => setTyped({ ...typed, [c]: e.target.value })}
            />
          ))}
        </div>
        <TextField label={t('boxes.box')} value={box} maxLength={120} onChange={(e) => setBox(e.target.value)} />
        {!whole && <p className="font-semibold text-error">{t('boxes.numbersWrong')}</p>}
        <ProblemAlert error={save.error} />
        <button type="submit" className="btn btn-primary" disabled={!whole || save.isPending}>
          {t('boxes.save')}
        </button>
      </form>
    </Sheet>
  )
}
