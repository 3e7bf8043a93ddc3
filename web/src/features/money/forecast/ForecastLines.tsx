import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { findingsQuery } from '@/api/queries'
import { useZoneNames } from '@/ui/format/names/zones'
import { useFindingName } from '@/ui/format/names/findingNames'
import { ForgottenLines } from './ForgottenLines'
import { RunningCosts } from './RunningCosts'
import { useSpan } from './useSpan'
import type { Forecast } from './queries'

type Line = Forecast['lines'][number]
type Kind = Line['kind']

/** What is guessed of the final cost, kind by kind; each opens to where it comes from. */
export function ForecastLines({ projectId, forecast: f }: { projectId: string; forecast: Forecast }) {
  const { t } = useTranslation()
  const of = (kind: Kind) => f.lines.filter((l) => l.kind === kind)
  return (
    <>
      {(['UNPRICED', 'UNDECIDED'] as const).map((kind) => (
        <Group key={kind} title={t(`forecast.kind.${kind}`)} lines={of(kind)} currency={f.currency}>
          <FromFindings projectId={projectId} lines={of(kind)} currency={f.currency} />
        </Group>
      ))}
      <Group title={t('forecast.kind.UNSEEN', { count: f.unseenPlaces })} lines={of('UNSEEN')} currency={f.currency}>
        <Link className="link" to={`/p/${projectId}/walk/checks`}>
          {t('forecast.look')}
        </Link>
      </Group>
      <Group title={t('forecast.kind.FORGOTTEN')} lines={of('FORGOTTEN')} currency={f.currency}>
        <ForgottenLines projectId={projectId} lines={of('FORGOTTEN')} currency={f.currency} />
      </Group>
      <Group title={t('forecast.kind.RUNNING')} lines={of('RUNNING')} currency={f.currency} always>
        <RunningCosts projectId={projectId} forecast={f} />
      </Group>
    </>
  )
}

function Group({
  title,
  lines,
  currency,
  always,
  children,
}: {
  title: string
  lines: Line[]
  currency: string
  always?: boolean
  children: React.ReactNode
}) {
  const span = useSpan(currency)
  if (lines.length === 0 && !always) return null
  return (
    <details className="border-b border-base-300 py-1.5">
      <summary className="cursor-pointer">
        <span className="inline-block w-[calc(100%-1.25rem)] align-top">
          <span className="flex justify-between gap-4">
            <span>{title}</span>
            <span className="whitespace-nowrap">{span(lines)}</span>
          </span>
        </span>
      </summary>
      <div className="pl-5 pt-1 text-sm">{children}</div>
    </details>
  )
}

function FromFindings({ projectId, lines, currency }: { projectId: string; lines: Line[]; currency: string }) {
  const { data: findings } = useQuery(findingsQuery(projectId))
  const { whole } = useFindingName(projectId, useZoneNames(projectId))
  const span = useSpan(currency)
  const byId = new Map(findings?.map((f) => [f.id, f]))
  return (
    <ul>
      {[...lines]
        .sort((a, b) => b.likelyMinor - a.likelyMinor)
        .map((l) => {
          const finding = l.findingId && byId.get(l.findingId)
          return (
            finding && (
              <li key={l.findingId} className="flex justify-between gap-4 py-0.5">
                <Link className="link" to={`/p/${projectId}/walk?finding=${finding.id}`}>
                  {whole(finding)}
                </Link>
                <span className="whitespace-nowrap">{span([l])}</span>
              </li>
            )
          )
        })}
    </ul>
  )
}
