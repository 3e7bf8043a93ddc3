import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { useQuery } from '@tanstack/react-query'
import { api, unwrap, write } from '@/api/client'
import { jobsQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { useFormat } from '@/ui/format/format'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Part } from '@/ui/page/Page'
import type { Way } from './queries'

type Said = NonNullable<Way['said']>

/** What a way is, what it leaves out, and where one presses to go it. */
export function WayDetails({
  projectId,
  way,
  said,
  currency,
}: {
  projectId: string
  way: Way
  said: Said
  currency: string
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const { data: work } = useQuery(jobsQuery(projectId))
  const remove = useWrite(
    (_: void, id) =>
      unwrap(
        api.DELETE('/api/projects/{projectId}/other-ways/{id}', {
          params: { path: { projectId, id: said.id } },
          ...write(id),
        }),
      ),
    { said: () => t('way.isRemoved', { name: said.name }) },
  )
  const keep = useWrite(
    (_: void, id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/other-ways/{id}/kept', {
          params: { path: { projectId, id: said.id } },
          ...write(id),
        }),
      ),
    { said: () => t('way.isPlan', { name: said.name }) },
  )
  const titleOf = (jobId: string) => work?.jobs.find((j) => j.id === jobId)?.title ?? ''
  return (
    <Part
      title={said.name}
      aside={
        <button
          type="button"
          className="btn btn-sm"
          aria-label={t('actOn', { act: t('way.remove'), what: said.name })}
          disabled={remove.isPending}
          onClick={() => remove.mutate()}
        >
          {t('way.remove')}
        </button>
      }
    >
      <ProblemAlert error={remove.error} />
      {!way.planned && <p className="font-semibold">{t('way.noDates')}</p>}
      <ProblemAlert error={keep.error} />
      <p className="quiet mt-2 text-sm">{t('way.planMeans')}</p>
      <button
        type="button"
        className="btn btn-primary my-2"
        aria-label={t('actOn', { act: t('way.makePlan'), what: said.name })}
        disabled={keep.isPending}
        onClick={() => keep.mutate()}
      >
        {t('way.makePlan')}
      </button>
      <p className="font-semibold">{t('way.toGo')}</p>
      <ul className="list-disc pl-5">
        {said.standard && (
          <li>
            <Link className="link" to={`/p/${projectId}/car`}>
              {t('way.toStandard')}
            </Link>
            : {t('way.only', { aim: t(`aim.${said.standard}`) })}
          </li>
        )}
        {said.sessionsMore !== 0 && (
          <li>
            <Link className="link" to="/garage">
              {t('way.toSessions')}
            </Link>
            :{' '}
            {t(said.sessionsMore > 0 ? 'way.sessionsMore' : 'way.sessionsFewer', {
              count: Math.abs(said.sessionsMore),
            })}
          </li>
        )}
        {said.givenAway.map((g) => (
          <li key={g.jobId}>
            <Link className="link" to={`/p/${projectId}/work?job=${g.jobId}`}>
              {t('way.toSend')}
            </Link>
            : {titleOf(g.jobId)}, {format.money(g.costMinor, currency)}
          </li>
        ))}
      </ul>
      {way.leftOut.length > 0 && (
        <details>
          <summary className="cursor-pointer py-2">
            {t('way.left')}: {t('way.leftJobs', { count: way.leftOut.length })}
          </summary>
          <ul className="list-disc pl-5 text-sm">
            {way.leftOut.map((title, i) => (
              <li key={i}>{title}</li>
            ))}
          </ul>
        </details>
      )}
    </Part>
  )
}
