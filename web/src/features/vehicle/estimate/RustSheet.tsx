import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { rustSpots } from './rustSpots'
import { rustGradesQuery, type Rust } from './estimates'

/** The drawn squares that the metal is compared with. */
export function RustSheet({
  chosen,
  onChange,
}: {
  chosen: Rust['grade'] | undefined
  onChange: (grade: Rust['grade']) => void
}) {
  const { t } = useTranslation()
  const { data: grades = [] } = useQuery(rustGradesQuery)
  return (
    <fieldset>
      <legend className="font-semibold">{t('estimate.sheet')}</legend>
      <p className="quiet mb-2 text-sm">{t('estimate.sheetHint')}</p>
      <div className="grid grid-cols-3 gap-2">
        {grades.map(({ grade, rustedPercent }) => (
          <button
            key={grade}
            type="button"
            aria-pressed={grade === chosen}
            className={`rounded border-2 p-1 text-sm ${grade === chosen ? 'border-primary font-bold' : 'border-base-300'}`}
            onClick={() => onChange(grade)}
          >
            <RustSquare percent={rustedPercent} />
            {t(`estimate.ri.${grade}`)} · {t('estimate.share', { share: rustedPercent })}
          </button>
        ))}
      </div>
    </fieldset>
  )
}

/** What a degree looks like: spots that cover its share of the square. */
function RustSquare({ percent }: { percent: number }) {
  return (
    <svg viewBox="0 0 100 100" className="block w-full" aria-hidden="true">
      <rect width={100} height={100} fill="#b9c4c4" />
      {rustSpots(percent).map((s) => (
        <circle key={`${s.x} ${s.y}`} cx={s.x} cy={s.y} r={s.r} fill="#7a3b16" />
      ))}
    </svg>
  )
}
