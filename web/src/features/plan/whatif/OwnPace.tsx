import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { useFormat } from '@/ui/format/format'
import type { Plan } from '../schedule/axis/lanes'
import { Preview } from './Preview'

/** Whether the plan reckons with the hours that one really takes; first what that does to the dates. */
export function OwnPace({ projectId, plan }: { projectId: string; plan: Plan }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [asked, setAsked] = useState(false)
  const { own, jobs, factor, turnUp } = plan.pace
  const wanted = !own
  const preview = useQuery({
    queryKey: ['plan', projectId, 'pace', wanted],
    enabled: asked,
    queryFn: () =>
      unwrap(
        api.GET('/api/projects/{projectId}/plan/at-pace', {
          params: { path: { projectId }, query: { own: wanted } },
        }),
      ),
  })
  const keep = useWrite(
    (_: object, id) =>
      unwrap(
        api.PUT('/api/projects/{id}/own-pace', {
          params: { path: { id: projectId } },
          body: { ownPace: wanted },
          ...write(id),
        }),
      ),
    { said: () => t(wanted ? 'dates.paceOwnKept' : 'dates.paceThoughtKept'), done: () => setAsked(false) },
  )
  const number = new Intl.NumberFormat(format.locale, { maximumFractionDigits: 2 }).format(factor)
  return (
    <section className="mb-4" aria-label={t('dates.pace')}>
      <p>
        {t(own ? 'dates.paceIsOwn' : 'dates.paceIsThought', { factor: number })}{' '}
        <span className="quiet">{t('dates.paceFrom', { count: jobs })}</span>{' '}
        {!asked && (
          <button type="button" className="link" onClick={() => setAsked(true)}>
            {t(wanted ? 'dates.paceAskOwn' : 'dates.paceAskThought')}
          </button>
        )}
      </p>
      <p className="quiet">
        {t('dates.turnUp', {
          count: turnUp.meant,
          came: turnUp.came,
          rate: new Intl.NumberFormat(format.locale, { style: 'percent' }).format(turnUp.rate),
        })}
      </p>
      {asked && <Preview move={preview} keep={keep} onKeep={() => keep.mutate({})} onLeave={() => setAsked(false)} />}
    </section>
  )
}
