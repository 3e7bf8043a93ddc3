import { useEffect, useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap } from '@/api/client'
import { findingsQuery, projectQuery } from '@/api/queries'
import { Loaded } from '@/ui/page/Feedback'
import { Page } from '@/ui/page/Page'
import { SafetyMark } from '@/ui/safety/SafetyMark'
import { useZoneNames } from '@/ui/format/names/zones'
import { useFindingName } from '@/ui/format/names/findingNames'
import { DecideCard } from './DecideCard'
import { JobsToMake } from './JobsToMake'
import { TakeAll } from './TakeAll'
import type { Finding, Proposed } from './decisions'

/** Many findings decided in a row, with one key each. */
export function DecidePage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const findings = useQuery(findingsQuery(projectId))
  const proposals = useQuery({
    queryKey: ['decisions', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/decisions', { params: { path: { projectId } } })),
  })
  return (
    <Loaded query={findings} what={t('walk.loading')}>
      {(found) => (
        <Loaded query={proposals} what={t('walk.loading')}>
          {(proposed) => (
            <Deciding
              projectId={projectId}
              findings={found}
              waiting={proposed.flatMap((proposal) => {
                const finding = found.find((f) => f.id === proposal.findingId && f.state === 'OPEN')
                return finding ? [{ finding, proposal }] : []
              })}
            />
          )}
        </Loaded>
      )}
    </Loaded>
  )
}

function Deciding({ projectId, findings, waiting }: { projectId: string; findings: Finding[]; waiting: Proposed[] }) {
  const { t } = useTranslation()
  const nameOf = useZoneNames(projectId)
  const { whole } = useFindingName(projectId, nameOf)
  const project = useQuery(projectQuery(projectId))
  const [chosen, setChosen] = useState<string>()
  const at = Math.max(
    0,
    waiting.findIndex((w) => w.finding.id === chosen),
  )
  const current = waiting[at]
  const go = (index: number) => setChosen(waiting[(index + waiting.length) % waiting.length]?.finding.id)
  useEffect(() => {
    const move = (e: KeyboardEvent) => {
      if (e.target instanceof HTMLInputElement || e.target instanceof HTMLSelectElement) return
      if (e.key === 'ArrowDown') go(at + 1)
      else if (e.key === 'ArrowUp') go(at - 1)
      else return
      e.preventDefault()
    }
    window.addEventListener('keydown', move)
    return () => window.removeEventListener('keydown', move)
  })
  const jobs = <JobsToMake projectId={projectId} findings={findings} nameOf={nameOf} />
  return (
    <Page
      title={t('decide.title')}
      words={['finding', 'safetyClass', 'standard']}
      answer={waiting.length === 0 ? t('decide.none') : t('decide.left', { count: waiting.length })}
      {...(waiting.length > 1 && { action: <TakeAll waiting={waiting} /> })}
    >
      {project.data && (
        <p className="mb-4">
          {t('decide.policyIs', { policy: t(`decide.policies.${project.data.doubtfulParts}`) })}{' '}
          <Link className="link" to={`/p/${projectId}/car`}>
            {t('decide.changePolicy')}
          </Link>
        </p>
      )}
      {waiting.length === 0 && jobs}
      {current && (
        <div className="mb-7 grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[26rem_minmax(0,1fr)]">
          <DecideCard
            key={current.finding.id}
            proposed={current}
            zoneName={nameOf(current.finding.zone)}
            onLater={() => go(at + 1)}
          />
          <section>
            <h2 className="mb-1 text-lg font-semibold">{t('decide.order')}</h2>
            <ol>
              {waiting.map(({ finding: f, proposal }) => (
                <li key={f.id} className="border-b border-base-300">
                  <button
                    type="button"
                    aria-current={f.id === current.finding.id}
                    className={`flex min-h-11 w-full items-center gap-3 px-2 py-1 text-left ${f.id === current.finding.id ? 'bg-base-200 font-semibold' : 'hover:bg-base-200'}`}
                    onClick={() => setChosen(f.id)}
                  >
                    <SafetyMark safety={f.safetyClass} word={false} />
                    <span className="grow">{whole(f)}</span>
                    <span className="quiet text-sm">{t(`decision.${proposal.decision}`)}</span>
                  </button>
                </li>
              ))}
            </ol>
          </section>
        </div>
      )}
      {waiting.length > 0 && jobs}
    </Page>
  )
}
