import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap } from '@/api/client'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Choice, TextField } from '@/ui/form/Field'
import { useFormat } from '@/ui/format/format'
import { useUnits } from '@/ui/format/units'
import type { VehicleAccess } from './access'

/** A circuit is empty, its part is late and the car is needed: wait, or close with the old filling? */
export function FluidQuestion({ projectId, vehicleAccess }: { projectId: string; vehicleAccess: VehicleAccess }) {
  const { t } = useTranslation()
  const units = useUnits()
  const format = useFormat()
  const circuits = vehicleAccess.accesses.filter((w) => w.drained)
  const [access, setAccess] = useState(circuits[0]?.id ?? '')
  const [days, setDays] = useState({ partOn: '', fixedOn: '', nextOn: '' })
  const complete = Object.values(days).every((d) => d !== '')
  const answer = useQuery({
    queryKey: ['access', projectId, 'fluid', access, days],
    enabled: complete,
    retry: false,
    queryFn: () =>
      unwrap(
        api.GET('/api/projects/{projectId}/access/fluid', {
          params: { path: { projectId }, query: { access, ...days } },
        }),
      ),
  })
  return (
    <details className="mb-4">
      <summary className="cursor-pointer py-2 font-semibold">{t('access.fluid')}</summary>
      <div className="grid gap-2">
        <p className="quiet text-sm">{t('access.fluidHint')}</p>
        <Choice label={t('access.circuitWay')} value={access} onChange={(e) => setAccess(e.target.value)}>
          {circuits.map((w) => (
            <option key={w.id} value={w.id}>
              {w.name}
            </option>
          ))}
        </Choice>
        <div className="grid gap-2 sm:grid-cols-3">
          {(['partOn', 'fixedOn', 'nextOn'] as const).map((d) => (
            <TextField
              key={d}
              type="date"
              label={t(`access.${d}`)}
              value={days[d]}
              onChange={(e) => setDays({ ...days, [d]: e.target.value })}
            />
          ))}
        </div>
        <ProblemAlert error={answer.error} />
        <ul className="list-disc pl-5" aria-live="polite">
          {answer.data?.map((c) => (
            <li key={c.kind}>
              {t(`access.fluidKind.${c.kind}`, {
                day: c.day ? format.day(c.day) : '',
                litres: units.about(c.newLitres, 'LITRE'),
              })}
            </li>
          ))}
          {answer.data?.length === 1 && answer.data[0]!.kind === 'MOVE_THE_DAY' && <li>{t('access.never')}</li>}
        </ul>
      </div>
    </details>
  )
}
