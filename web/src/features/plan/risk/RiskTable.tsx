import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from '@/ui/format/format'

/** Every milestone by how many runs in ten keep it. */
export function RiskTable({ dates }: { dates: Schemas['RiskDates'][] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const day = (date: string | undefined) => (date ? format.far(date) : t('risk.beyond'))
  return (
    <div className="overflow-x-auto">
      <table className="table">
        <thead>
          <tr>
            <th scope="col">{t('risk.milestone')}</th>
            <th scope="col">{t('risk.planned')}</th>
            {[1, 5, 8, 9].map((count) => (
              <th key={count} scope="col">
                {t('risk.inTen', { count })}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {dates.map((d) => (
            <tr key={d.aim}>
              <th scope="row">{t(`reached.${d.aim}`)}</th>
              <td>{day(d.planned)}</td>
              <td>{day(d.oneInTen)}</td>
              <td>{day(d.fiveInTen)}</td>
              <td>{day(d.eightInTen)}</td>
              <td>{day(d.nineInTen)}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}
