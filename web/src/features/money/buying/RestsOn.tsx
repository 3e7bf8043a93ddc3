import { useTranslation } from 'react-i18next'
import { percent, useFormat } from '@/ui/format/format'
import type { Buying } from './buying'

/** Each finding and each unseen place that the repair of a bid is drawn from, and what was set aside. */
export function RestsOn({
  buying: b,
  zoneName,
  findingName,
}: {
  buying: Buying
  zoneName: (zone: string) => string
  findingName: (id: string) => string
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const about = (minor: number) => format.guess(minor, format.currency)
  const worst = (r: Buying['restsOn'][number]) => -r.probability * r.likelyMinor
  return (
    <>
      <p className="quiet text-sm">{t('bid.drawn')}</p>
      <ul className="text-sm">
        {[...b.restsOn]
          .sort((x, y) => worst(x) - worst(y))
          .map((r) => (
            <li key={r.findingId ?? r.place} className="flex justify-between gap-4 py-0.5">
              <span>
                {r.findingId ? findingName(r.findingId) : t('bid.mover.UNSEEN', { what: zoneName(r.place!) })}
                {r.probability < 1 && ` · ${t('bid.chance', { percent: percent(r.probability) })}`}
                {r.othersPay && ` · ${t('bid.othersPay')}`}
              </span>
              <span className="whitespace-nowrap">
                {t('bid.fromTo', { low: about(r.optimisticMinor), high: about(r.pessimisticMinor) })}
              </span>
            </li>
          ))}
        {b.inputs.allowanceMinor > 0 && (
          <li className="flex justify-between gap-4 py-0.5">
            <span>{t('bid.setAside')}</span>
            <span>{format.money(b.inputs.allowanceMinor, format.currency)}</span>
          </li>
        )}
      </ul>
    </>
  )
}
