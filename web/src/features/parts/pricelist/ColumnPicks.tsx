import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { Choice } from '@/ui/form/Field'
import { meanings, type Meaning } from './columns'

/** What stands in which column, beside the first few of each. */
export function ColumnPicks({
  look,
  chosen,
  onChoose,
  decimals,
  onDecimals,
}: {
  look: Schemas['ListLookResponse']
  chosen: (Meaning | undefined)[]
  onChoose: (column: number, meaning: Meaning | undefined) => void
  decimals: 'POINT' | 'COMMA'
  onDecimals: (decimals: 'POINT' | 'COMMA') => void
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
              onChange={(e) => onChoose(i, (e.target.value || undefined) as Meaning | undefined)}
            >
              <option value="">{t('list.is.none')}</option>
              {meanings.map((m) => (
                <option key={m} value={m}>
                  {t(`list.is.${m}`)}
                </option>
              ))}
            </Choice>
          </li>
        ))}
      </ul>
      <Choice
        label={t('list.decimals')}
        value={decimals}
        onChange={(e) => onDecimals(e.target.value as typeof decimals)}
      >
        {(['POINT', 'COMMA'] as const).map((d) => (
          <option key={d} value={d}>
            {t(`list.decimalsIs.${d}`)}
          </option>
        ))}
      </Choice>
    </>
  )
}
