import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { projectPolicies } from '@/api/generated/enums'
import { useWrite } from '@/api/useWrite'
import { Choice } from '@/ui/form/Field'
import type { Plan } from '../schedule/axis/lanes'
import { Preview } from './Preview'

/** Pieces of work that may be open at once. */
const FEW = [1, 2, 3, 4, 5]

/** Which way round one goes about it; first what another way would do to the dates. */
export function WhatFirst({ projectId, plan }: { projectId: string; plan: Plan }) {
  const { t } = useTranslation()
  const [asked, setAsked] = useState(false)
  const [way, setWay] = useState<Schemas['WayRound']>(plan.policy)
  const leave = () => {
    setAsked(false)
    setWay(plan.policy)
  }
  const isOther = way.policy !== plan.policy.policy || way.mostOpen !== plan.policy.mostOpen
  const preview = useQuery({
    queryKey: ['plan', projectId, 'under', way],
    enabled: isOther,
    queryFn: () =>
      unwrap(api.GET('/api/projects/{projectId}/plan/under', { params: { path: { projectId }, query: way } })),
  })
  const keep = useWrite(
    (body: Schemas['PolicyRequest'], id) =>
      unwrap(api.PUT('/api/projects/{projectId}/plan/policy', { params: { path: { projectId } }, body, ...write(id) })),
    { said: () => t('dates.firstKept'), done: () => setAsked(false) },
  )
  return (
    <section className="mb-4" aria-label={t('dates.first')}>
      <p>
        {t(`dates.firstIs.${plan.policy.policy}`)}{' '}
        {plan.policy.policy === 'KEEP_ROLLING' && t('dates.openAtOnce', { count: plan.policy.mostOpen })}{' '}
        {!asked && (
          <button type="button" className="link" onClick={() => setAsked(true)}>
            {t('dates.firstChange')}
          </button>
        )}
      </p>
      {asked && (
        <Choice
          label={t('dates.firstPick')}
          value={way.policy}
          onChange={(e) =>
            setWay({ ...way, policy: projectPolicies.find((p) => p === e.target.value) ?? plan.policy.policy })
          }
        >
          {projectPolicies.map((p) => (
            <option key={p} value={p}>
              {t(`dates.firstOf.${p}`)}
            </option>
          ))}
        </Choice>
      )}
      {asked && way.policy === 'KEEP_ROLLING' && (
        <Choice
          label={t('dates.openPick')}
          value={way.mostOpen}
          onChange={(e) => setWay({ ...way, mostOpen: Number(e.target.value) })}
        >
          {FEW.map((n) => (
            <option key={n} value={n}>
              {n}
            </option>
          ))}
        </Choice>
      )}
      {asked && isOther && <Preview move={preview} keep={keep} onKeep={() => keep.mutate(way)} onLeave={leave} />}
    </section>
  )
}
