import { useTranslation } from 'react-i18next'
import type { Job } from '../jobWork'

type Detail = Job['details'][number]
const known: Record<Detail, true> = {
  SHIELD: true,
  SEALER_OFF: true,
  DEGREASE: true,
  TACK: true,
  WELD_OUT: true,
  SEAM_SEAL: true,
  CAVITY_WAX: true,
  DRILL: true,
  CRACK_CHECK: true,
  MASK: true,
  FLUSH: true,
  MEASURE: true,
  CARPET: true,
  GLASS: true,
  HEADLINING: true,
  WATER_TEST: true,
  ISOLATE: true,
  NEEDS_POWER: true,
  RIDE_HEIGHT: true,
  BRAKE_TEST: true,
  TURN_BY_HAND: true,
  FIRST_START: true,
  RUNS: true,
  DRIVE: true,
  ROAD_TEST: true,
  EARTHS: true,
  HEAT: true,
  CLOSE_UP: true,
  PRESSURE_TEST: true,
  FUEL_LEAK_TEST: true,
  FUEL_OUT: true,
  TANK_ON: true,
  FOR_NOW: true,
  MARK_POSITION: true,
  LOOSENS: true,
  AS_FOUND: true,
}
/** A detail that is not named above does not compile. */
const all = Object.keys(known) as Detail[]

/** What the operation does more exactly, where the order of work depends on it; what is kept cannot be taken off. */
export function JobDetails({
  chosen,
  kept,
  onChange,
}: {
  chosen: Detail[]
  kept: Detail[]
  onChange: (chosen: Detail[]) => void
}) {
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
              disabled={kept.includes(d)}
              onChange={(e) => onChange(e.target.checked ? [...chosen, d] : chosen.filter((c) => c !== d))}
            />
            {t(`detail.${d}`)}
          </label>
        ))}
      </div>
    </details>
  )
}
