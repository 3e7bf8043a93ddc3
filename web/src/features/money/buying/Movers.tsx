import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { useFormat } from '@/ui/format/format'
import type { Advice } from './buying'

const shown = 6
type Names = { zoneName: (zone: string) => string }

/** What moves the ceiling most, as bars on one scale from worst to best. */
export function Movers({
  advice,
  zoneName,
  findingName,
}: Names & { advice: Advice; findingName: (id: string) => string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const top = advice.movers.slice(0, shown)
  const low = Math.min(...top.map((m) => m.atWorst), advice.ceiling.price)
  const high = Math.max(...top.map((m) => m.atBest), advice.ceiling.price)
  const at = (minor: number) => ((minor - low) / (high - low || 1)) * 100
  return (
    <ul className="grid gap-2">
      {top.map((m) => (
        <li key={m.input + m.title}>
          <div className="flex justify-between gap-3 text-sm">
            <span>
              {m.input === 'REPAIR' || m.input === 'UNSEEN'
                ? t(`bid.mover.${m.input}`, { what: m.input === 'UNSEEN' ? zoneName(m.title) : findingName(m.title) })
                : t(`bid.mover.${m.input}`)}
            </span>
            <span className="shrink-0 tabular-nums">
              {t('bid.fromTo', {
                low: format.roughly(m.atWorst, format.currency),
                high: format.roughly(m.atBest, format.currency),
              })}
            </span>
          </div>
          <svg viewBox="0 0 100 6" preserveAspectRatio="none" className="block h-3 w-full" aria-hidden="true">
            <rect x={0} y={2.5} width={100} height={1} className="fill-base-300" />
            <rect
              x={at(m.atWorst)}
              y={0.5}
              width={Math.max(0.5, at(m.atBest) - at(m.atWorst))}
              height={5}
              className="fill-primary"
            />
            <rect x={at(advice.ceiling.price) - 0.3} y={0} width={0.6} height={6} className="fill-base-content" />
          </svg>
        </li>
      ))}
    </ul>
  )
}

/** What looking is worth before the bid, the most first. */
export function Looks({
  projectId,
  advice,
  asked,
  zoneName,
}: Names & { projectId: string; advice: Advice; asked: number | undefined }) {
  const { t } = useTranslation()
  const format = useFormat()
  const worth = advice.looks.filter((l) => l.worth > 0).slice(0, shown)
  if (asked === undefined) return <p>{t('bid.looksNoPrice')}</p>
  if (worth.length === 0) return <p>{t('bid.looksNone')}</p>
  return (
    <ol>
      {worth.map((l) => (
        <li key={l.place} className="flex min-h-11 items-center justify-between gap-3 border-b border-base-300">
          <span>{t('bid.look', { what: zoneName(l.place), worth: format.roughly(l.worth, format.currency) })}</span>
          <Link className="link shrink-0" to={`/p/${projectId}/walk/checks?place=${l.place}`}>
            {t('bid.goLook')}
          </Link>
        </li>
      ))}
    </ol>
  )
}
