import { useTranslation } from 'react-i18next'
import { useFormat } from '@/ui/format/format'
import { RestsOn } from './RestsOn'
import type { Advice, Buying } from './buying'

/** Every line of the ceiling, so that it can be added up by hand. */
export function SumLaidOpen({
  buying: b,
  advice,
  zoneName,
  findingName,
}: {
  buying: Buying
  advice: Advice
  zoneName: (zone: string) => string
  findingName: (id: string) => string
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const money = (minor: number) => format.money(minor, format.currency)
  const c = advice.ceiling
  const line = (label: string, minor: number, hint?: string) => ({ label, minor, hint })
  const market = b.market!
  const lines = [
    line(t('bid.value'), market.median, t('bid.market', { low: money(market.low), high: money(market.high) })),
    ...(c.value === market.median
      ? []
      : [
          line(
            t('bid.timesTitle', { low: b.inputs.titleLow / 100, high: b.inputs.titleHigh / 100 }),
            c.value - market.median,
          ),
        ]),
    line(t('bid.repair'), -c.repair),
    ...c.costs.map((cost) => line(t(`bid.costKind.${cost.kind}`), -cost.minor)),
    ...(c.margin ? [line(t('bid.margin'), -c.margin)] : []),
    ...(c.rest ? [line(t('bid.rest'), -c.rest)] : []),
  ]
  return (
    <>
      <table className="w-full tabular-nums">
        <tbody>
          {lines.map((l) => (
            <tr key={l.label} className="border-b border-base-300">
              <th scope="row" className="py-1.5 text-left font-normal">
                {l.label === t('bid.repair') ? (
                  <details>
                    <summary className="cursor-pointer">{l.label}</summary>
                    <RestsOn buying={b} zoneName={zoneName} findingName={findingName} />
                  </details>
                ) : (
                  l.label
                )}
                {l.hint && <span className="quiet block text-sm">{l.hint}</span>}
              </th>
              <td className="whitespace-nowrap py-1.5 text-right align-top">{money(l.minor)}</td>
            </tr>
          ))}
          <tr className="border-t-2 border-base-content font-bold">
            <th scope="row" className="py-1.5 text-left">
              {t('bid.ceiling')}
            </th>
            <td className="py-1.5 text-right">{money(c.price)}</td>
          </tr>
        </tbody>
      </table>
      {b.breakEven !== undefined && (
        <p className="mt-2">{t('bid.breakEven', { amount: format.guess(b.breakEven, format.currency) })}</p>
      )}
    </>
  )
}
