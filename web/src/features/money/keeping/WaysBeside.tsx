import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { hours, useFormat } from '@/ui/format/format'
import type { Keeping, WaysOn } from './queries'

type Spread = WaysOn['gain']

/** To sell it now, to finish and sell it, to finish and keep it: the same lines of each, so that one can add up. */
export function WaysBeside({ keeping: k, ways }: { keeping: Keeping; ways: WaysOn }) {
  const { t } = useTranslation()
  const format = useFormat()
  const about = (minor: number) => format.guess(minor, k.currency)
  const spread = (s: Spread) => (
    <>
      {about(s.likelyMinor)}
      {s.lowMinor !== s.highMinor && (
        <span className="quiet block text-xs font-normal sm:text-sm">
          {t('keep.ends', { low: about(s.lowMinor), high: about(s.highMinor) })}
        </span>
      )}
    </>
  )
  const minus = (s: Spread): Spread => ({
    lowMinor: -s.highMinor,
    likelyMinor: -s.likelyMinor,
    highMinor: -s.lowMinor,
  })
  const selling = (worth: Spread, left: number) => about(left - worth.likelyMinor)
  const anHour = (minor?: number) => (minor === undefined ? '' : format.money(minor, k.currency))
  const toSpend = spread(minus(k.toCome))
  const aMonth = k.runningPerMonthMinor > 0 ? about(k.runningPerMonthMinor) : ''
  const lines: [string, ReactNode, ReactNode, ReactNode][] = [
    [t('keep.fetches'), spread(ways.worthNow), spread(ways.worthFinished), ''],
    [
      t('keep.selling'),
      selling(ways.worthNow, ways.sellNow.likelyMinor),
      selling(ways.worthFinished, ways.finishAndSell.likelyMinor + k.toCome.likelyMinor),
      '',
    ],
    [t('keep.toSpend'), '', toSpend, toSpend],
    [t('keep.fromHere'), spread(ways.sellNow), spread(ways.finishAndSell), spread(minus(k.toCome))],
    [t('keep.spent'), about(-k.spentMinor), about(-k.spentMinor), about(-k.spentMinor)],
    [t('keep.whole'), about(ways.soldNow.minor), about(ways.finished.minor), ''],
    [t('keep.toWork'), '', hours(k.minutesToCome), hours(k.minutesToCome)],
    [t('keep.anHour'), anHour(ways.soldNow.perHourMinor), anHour(ways.finished.perHourMinor), ''],
    ...(k.said.hourMinor > 0
      ? [[t('keep.paidHours'), about(ways.soldNow.ifPaidMinor), about(ways.finished.ifPaidMinor), ''] as never]
      : []),
  ]
  return (
    <>
      <div className="overflow-x-auto">
        <table className="w-full text-sm tabular-nums sm:text-base">
          <thead>
            <tr className="border-b-2 border-base-content align-bottom">
              <td />
              {(['sellNow', 'finishAndSell', 'finishAndKeep'] as const).map((way) => (
                <th key={way} scope="col" className="py-1.5 pl-2 sm:pl-4 text-right font-semibold">
                  {t(`keep.${way}`)}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {lines.map(([name, ...cells]) => (
              <tr
                key={name}
                className={`border-b border-base-300 align-top ${name === t('keep.fromHere') ? 'font-bold' : ''}`}
              >
                <th scope="row" className={`py-1.5 text-left ${name === t('keep.fromHere') ? '' : 'font-normal'}`}>
                  {name}
                </th>
                {cells.map((cell, i) => (
                  <td key={i} className="py-1.5 pl-2 sm:pl-4 text-right">
                    {cell}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="mt-3">
        {t(aMonth ? 'keep.freeMonth' : 'keep.free', {
          hours: hours(k.minutesToCome),
          month: aMonth,
          cash: about(ways.sellNow.likelyMinor),
        })}
      </p>
      <p className="mt-2">
        {t('keep.worth', { from: about(ways.worthFinishingFromMinor), even: about(ways.breakEvenMinor) })}
      </p>
    </>
  )
}
