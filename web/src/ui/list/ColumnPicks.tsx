import { useTranslation } from 'react-i18next'
import { Choice } from '@/ui/form/Field'
import { withMeaning, type Picks } from './columnPicks'

export type DecimalSign = 'POINT' | 'COMMA'

/** What stands in which column, beside the first few of each. */
export function ColumnPicks<M extends string>({
  look,
  meanings,
  chosen,
  onChoose,
  decimals,
  onDecimals,
}: {
  look: { header: string[]; rows: string[][] }
  /** With what each is called. */
  meanings: Record<M, string>
  chosen: Picks<M>
  onChoose: (chosen: Picks<M>) => void
  decimals: DecimalSign
  onDecimals: (decimals: DecimalSign) => void
}) {
  const { t } = useTranslation()
  return (
    <>
      <ul className="grid gap-3 sm:grid-cols-2">
        {look.header.map((heading, i) => (
          <li key={i}>
            <Choice
              label={t('list.column', { heading: heading || String(i + 1) })}
              hint={look.rows
                .map((row) => row[i])
                .filter((cell) => cell)
                .slice(0, 3)
                .join(' · ')}
              value={chosen[i] ?? ''}
              onChange={(e) => onChoose(withMeaning(chosen, i, (e.target.value || undefined) as M | undefined))}
            >
              <option value="">{t('list.nothing')}</option>
              {(Object.keys(meanings) as M[]).map((m) => (
                <option key={m} value={m}>
                  {meanings[m]}
                </option>
              ))}
            </Choice>
          </li>
        ))}
      </ul>
      <Choice label={t('list.decimals')} value={decimals} onChange={(e) => onDecimals(e.target.value as DecimalSign)}>
        {(['POINT', 'COMMA'] as const).map((d) => (
          <option key={d} value={d}>
            {t(`list.decimalsIs.${d}`)}
          </option>
        ))}
      </Choice>
    </>
  )
}
