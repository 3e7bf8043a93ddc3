import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { projectPolicies } from '@/api/generated/enums'
import { useWrite } from '@/api/useWrite'
import { Choice } from '@/ui/form/Field'
import type { Plan } from '../schedule/axis/lanes'
import { Preview } from './Preview'

type Policy = Schemas['PolicyRequest']['policy']

/** Which way round one goes about it; first what another way would do to the dates. */
export function WhatFirst({ projectId, plan }: { projectId: string; plan: Plan }) {
  const { t } = useTranslation()
  const [asked, setAsked] = useState(false)
  const [policy, setPolicy] = useState<Policy>(plan.policy)
  const leave = () => {
    setAsked(false)
    setPolicy(plan.policy)
  }
  const preview = useQuery({
    queryKey: ['plan', projectId, 'under', policy],
    enabled: policy !== plan.policy,
    queryFn: () =>
      unwrap(api.GET('/api/projects/{projectId}/plan/under', { params: { path: { projectId }, query: { policy } } })),
  })
  const keep = useWrite(
    (body: Schemas['PolicyRequest'], id) =>
      unwrap(api.PUT('/api/projects/{projectId}/plan/policy', { params: { path: { projectId } }, body, ...write(id) })),
    { said: () => t('dates.firstKept'), done: () => setAsked(false) },
  )
  return (
    <section className="mb-4" aria-label={t('dates.first')}>
      <p>
        {t(`dates.firstIs.${plan.policy}`)}{' '}
        {!asked && (
          <button type="button" className="link" onClick={() => setAsked(true)}>
            {t('dates.firstChange')}
          </button>
        )}
      </p>
      {asked && (
        <Choice
          label={t('dates.firstPick')}
          value={policy}
          onChange={(e) => setPolicy(projectPolicies.find((p) => p === e.target.value) ?? plan.policy)}
        >
          {projectPolicies.map((p) => (
            <option key={p} value={p}>
              {t(`dates.firstOf.${p}`)}
            </option>
          ))}
        </Choice>
      )}
      {asked && policy !== plan.policy && (
        <Preview move={preview} keep={keep} onKeep={() => keep.mutate({ policy })} onLeave={leave} />
      )}
    </section>
  )
}
