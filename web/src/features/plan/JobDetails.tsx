import { useTranslation } from 'react-i18next'
import type { Job } from './jobWork'

type Detail = Job['details'][number]
const all: Detail[] = [
  'SEALER_OFF',
  'DEGREASE',
  'SEAM_SEAL',
  'CAVITY_WAX',
  'DRILL',
  'CRACK_CHECK',
  'MASK',
  'FLUSH',
  'MEASURE',
  'CARPET',
  'GLASS',
  'HEADLINING',
  'WATER_TEST',
  'ISOLATE',
  'NEEDS_POWER',
  'RIDE_HEIGHT',
  'BRAKE_TEST',
  'TURN_BY_HAND',
  'FIRST_START',
  'ROAD_TEST',
  'EARTHS',
  'CLOSE_UP',
  'PRESSURE_TEST',
  'FOR_NOW',
  'MARK_POSITION',
  'LOOSENS',
]

/** What the operation does more exactly, where the order of work depends on it. */
export function JobDetails({ chosen, onChange }: { chosen: Detail[]; onChange: (chosen: Detail[]) => void }) {
  const { t } = useTranslation()
  return (
    <details>
      <summary className="cursor-pointer py-2 text-sm font-semibold">
        {t('job.details')}
        {chosen.length > 0 && `: ${chosen.map((d) => t(`detail.${d}`)).join(', ')}`}
      </summary>
      <div className="grid sm:grid-cols-2">
        {all.map((d) => (
          <label key={d} className="flex min-h-11 items-center gap-2">
            <input
              type="checkbox"
              className="checkbox"
              checked={chosen.includes(d)}
              onChange={(e) => onChange(e.target.checked ? [...chosen, d] : chosen.filter((c) => c !== d))}
            />
            {t(`detail.${d}`)}
          </label>
        ))}
      </div>
    </details>
  )
}
