import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { hours, useFormat } from '@/ui/format/format'
import type { OtherWays, Way } from './queries'
import { useDifference } from './useDifference'

type Row = [string, (way: Way) => ReactNode]

/** The same lines of each way, the plan first. */
export function WayTable({ ways: w }: { ways: OtherWays }) {
  const { t } = useTranslation()
  const format = useFormat()
  const says = useDifference(w.currency, w.finished)
  const all = [w.asPlanned, ...w.others]
  const about = (minor: number) => format.guess(minor, w.currency)
  const road = (way: Way) => way.dates.find((d) => d.aim === 'ROAD_READY')
  const last = (way: Way) => way.dates.at(-1)
  const day = (at?: string) => (w.finished ? (at ? format.far(at) : t('way.unknown')) : '…')
  const ends = (way: Way) => t('way.ends', { low: about(way.cost.lowMinor), high: about(way.cost.highMinor) })
  const lines: Row[] = [
    [t('way.cost'), (way) => <Twice main={about(way.cost.expectedMinor)} more={ends(way)} />],
    [t('way.dearer'), (way) => <Twice main={says.money(way)} more={says.moneyRange(way)} />],
    [
      t('way.road'),
      (way) => {
        const at = road(way)
        return at && <Twice main={day(at.fiveInTen)} more={`${t('way.roadEight')}: ${day(at.eightInTen)}`} />
      },
    ],
    [t('way.later'), (way) => <Twice main={says.days(way)} more={says.daysRange(way)} />],
    [t('way.allDone'), (way) => last(way) && day(last(way)!.fiveInTen)],
    [t('way.hours'), (way) => hours(way.ownMinutes)],
    ...(all.some((way) => way.leftOut.length > 0)
      ? ([
          [t('way.left'), (way) => way.leftOut.length > 0 && t('way.leftJobs', { count: way.leftOut.length })],
        ] as Row[])
      : []),
  ]
  return (
    <div className="overflow-x-auto">
      <table className="w-full tabular-nums">
        <thead>
          <tr className="border-b-2 border-base-content align-bottom">
            <td />
            {all.map((way) => (
              <th key={way.said?.id ?? ''} scope="col" className="min-w-36 py-1.5 pl-4 text-right font-semibold">
                {way.said?.name ?? t('way.asPlanned')}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {lines.map(([name, cell]) => (
            <tr key={name} className="border-b border-base-300 align-top">
              <th scope="row" className="py-1.5 text-left font-normal">
                {name}
              </th>
              {all.map((way) => (
                <td key={way.said?.id ?? ''} className="py-1.5 pl-4 text-right">
                  {cell(way)}
                </td>
              ))}
            </tr>
          ))}
        </tbody>
      </table>
    </div>
  )
}

function Twice({ main, more }: { main: string; more: string }) {
  return (
    <>
      <span className="font-semibold">{main}</span>
      {more && <span className="quiet block text-sm">{more}</span>}
    </>
  )
}
