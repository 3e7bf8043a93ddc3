import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { useFormat } from '@/ui/format/format'
import { MilestoneMoves } from '../schedule/MilestoneMoves'
import type { Plan } from '../schedule/axis/lanes'

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
      {asked && (
        <Loaded query={preview} what={t('dates.asking')}>
          {(m) => (
            <div className="mt-1 border-l-4 border-accent pl-3">
              <MilestoneMoves move={m} />
              <ProblemAlert error={keep.error} />
              <div className="mt-2 flex gap-2">
                <button
                  type="button"
                  className="btn btn-primary"
                  disabled={keep.isPending}
                  onClick={() => keep.mutate({})}
                >
                  {t('dates.paceKeep')}
                </button>
                <button type="button" className="btn" onClick={() => setAsked(false)}>
                  {t('dates.leave')}
                </button>
              </div>
            </div>
          )}
        </Loaded>
      )}
    </section>
  )
}
