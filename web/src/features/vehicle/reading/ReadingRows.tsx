import { useFormContext, useWatch } from 'react-hook-form'
import { useTranslation } from 'react-i18next'
import { Line } from '@/ui/form/named'
import { chainStretch } from './form/chain'
import { fresh, type ReadingValues } from './form/readingValues'
import type { Measurable } from './readings'

/** The spots and what was read at each; as many as one likes. */
export function ReadingRows({ limit }: { limit: Measurable }) {
  const { t } = useTranslation()
  const { setValue } = useFormContext<ReadingValues>()
  const [rows, unit] = useWatch<ReadingValues, ['rows', 'unit']>({ name: ['rows', 'unit'] })
  const label = limit.age
    ? t('reading.made')
    : limit.id === chainStretch
      ? t('chain.length')
      : t('units.of', { what: t('reading.value'), unit: t(`unit.${unit}`) })
  return (
    <>
      {rows.map((row, i) => (
        <div key={row.id} className="grid grid-cols-[1fr_1fr] gap-2">
          <Line name={`rows.${i}.spot`} label={t('reading.spot')} />
          <Line name={`rows.${i}.value`} label={label} {...(!limit.age && { inputMode: 'decimal' as const })} />
        </div>
      ))}
      <p className="quiet text-sm">{limit.age ? t('reading.madeHint') : t('reading.spotHint')}</p>
      <div>
        <button
          type="button"
          className="btn"
          onClick={() => setValue('rows', [...rows, fresh(String(rows.length + 1))])}
        >
          {t('reading.another')}
        </button>
      </div>
    </>
  )
}
