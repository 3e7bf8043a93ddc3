import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import type { Unit } from '../readings'

type Instrument = Schemas['InstrumentRow']

/** A new instrument with its range and step, as they stand on its case. */
export function InstrumentFields({ unit, onMade }: { unit: Unit; onMade: (instrument: Instrument) => void }) {
  const { t } = useTranslation()
  const [v, setV] = useState({ name: '', from: '0', to: '', resolution: '' })
  const save = useWrite((body: Instrument, id) => unwrap(api.POST('/api/instruments', { body, ...write(id) })), {
    done: onMade,
  })
  const number = (typed: string) => Number(typed.replace(',', '.'))
  const complete =
    v.name.trim() !== '' && [v.from, v.to, v.resolution].every((x) => x !== '' && !Number.isNaN(number(x)))
  return (
    <div className="card-sheet grid gap-2 p-3">
      <TextField
        label={t('reading.instrumentName')}
        value={v.name}
        onChange={(e) => setV({ ...v, name: e.target.value })}
      />
      <div className="grid grid-cols-3 gap-2">
        {(['from', 'to', 'resolution'] as const).map((key) => (
          <TextField
            key={key}
            label={t('units.of', { what: t(`reading.${key}`), unit: t(`unit.${unit}`) })}
            inputMode="decimal"
            value={v[key]}
            onChange={(e) => setV({ ...v, [key]: e.target.value })}
          />
        ))}
      </div>
      <ProblemAlert error={save.error} />
      <button
        type="button"
        className="btn"
        disabled={!complete || save.isPending}
        onClick={() =>
          save.mutate({
            id: crypto.randomUUID(),
            name: v.name,
            unit,
            readsFrom: number(v.from),
            readsTo: number(v.to),
            resolution: number(v.resolution),
          })
        }
      >
        {t('reading.keepInstrument')}
      </button>
    </div>
  )
}
