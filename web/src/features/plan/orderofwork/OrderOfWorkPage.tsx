import { useState } from 'react'
import { queryOptions, useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { jobsQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { Further, Page, Part } from '@/ui/page/Page'
import { hours } from '@/ui/format/format'
import { groupBy } from '@/ui/format/groupBy'
import { Excuse } from './Excuse'

type OrderOfWork = Schemas['OrderOfWorkResponse']
type Edge = OrderOfWork['proposed'][number]

const orderOfWorkQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['orderOfWork', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/order-of-work', { params: { path: { projectId } } })),
  })

/** The order that the trade demands: proposed, taken or excused; and what to do first to see further. */
export function OrderOfWorkPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const orderOfWork = useQuery(orderOfWorkQuery(projectId))
  const work = useQuery(jobsQuery(projectId))
  const title = (id: string) => work.data?.jobs.find((j) => j.id === id)?.title ?? ''
  return (
    <Loaded query={orderOfWork} what={t('order.loading')}>
      {(s) => (
        <Page title={t('order.title')} words={['orderOfWork']} answer={<Answer orderOfWork={s} title={title} />}>
          <div className="grid gap-x-10 lg:grid-cols-[3fr_2fr]">
            <Proposed projectId={projectId} edges={s.proposed} title={title} />
            <div>
              <Lacking projectId={projectId} orderOfWork={s} title={title} />
              {s.refused.length > 0 && (
                <Part title={t('order.refused')}>
                  <ul>
                    {s.refused.map((r) => (
                      <li key={r.edge.rule + r.edge.before + r.edge.after} className="border-b border-base-300 py-2">
                        {t('order.edge', { before: title(r.edge.before), after: title(r.edge.after) })}
                        <span className="quiet block text-sm">
                          {r.edge.reason} {t('order.circle', { jobs: r.circle.map(title).join(' → ') })}
                        </span>
                      </li>
                    ))}
                  </ul>
                </Part>
              )}
              <Excused projectId={projectId} orderOfWork={s} title={title} />
            </div>
          </div>
        </Page>
      )}
    </Loaded>
  )
}

function Answer({ orderOfWork: s, title }: { orderOfWork: OrderOfWork; title: (id: string) => string }) {
  const { t } = useTranslation()
  const first = s.enablers.find((e) => e.tells > 0)
  return (
    <>
      {s.proposed.length > 0 ? t('order.toAccept', { count: s.proposed.length }) : t('order.allIn')}{' '}
      <Further>
        {s.missing.length > 0 && t('order.missing', { count: s.missing.length })}{' '}
        {first &&
          t('order.enabler', {
            first: title(first.first),
            test: title(first.test),
            count: first.tells,
            hours: hours(first.minutes),
          })}
      </Further>
    </>
  )
}

const keyOf = (e: Edge) => `${e.rule} ${e.before} ${e.after}`

function Proposed({ projectId, edges, title }: { projectId: string; edges: Edge[]; title: (id: string) => string }) {
  const { t } = useTranslation()
  const [left, setLeft] = useState<string[]>([])
  const [excusing, setExcusing] = useState<Edge>()
  const chosen = edges.filter((e) => !left.includes(keyOf(e)))
  const accept = useWrite(
    (taken: Edge[], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/order-of-work/accept', {
          params: { path: { projectId } },
          body: { edges: taken.map(({ before, after }) => ({ before, after })) },
          ...write(id),
        }),
      ),
    { said: (taken) => t('order.accepted', { count: taken.length }) },
  )
  if (edges.length === 0) return <div />
  return (
    <Part
      title={t('order.proposed')}
      aside={
        <button
          type="button"
          className="btn btn-primary"
          disabled={chosen.length === 0 || accept.isPending}
          onClick={() => accept.mutate(chosen)}
        >
          {left.length === 0 ? t('order.acceptAll') : t('order.accept', { count: chosen.length })}
        </button>
      }
    >
      <ProblemAlert error={accept.error} />
      {[...groupBy(edges, (e) => e.rule)].map(([rule, of]) => (
        <section key={rule} className="mb-4">
          <h3 className="font-semibold">
            {of[0]!.reason}{' '}
            <span className={of[0]!.must ? 'font-bold' : 'quiet font-normal'}>
              {t(of[0]!.must ? 'order.must' : 'order.should')}
              {of[0]!.gate && `, ${t('order.gate')}`}
            </span>
          </h3>
          <ul>
            {of.map((e) => (
              <li key={keyOf(e)} className="flex items-center gap-3 border-b border-base-300 last:border-0">
                <label className="flex min-h-11 grow items-center gap-3 py-1">
                  <input
                    type="checkbox"
                    className="checkbox"
                    checked={!left.includes(keyOf(e))}
                    onChange={(x) =>
                      setLeft(x.target.checked ? left.filter((l) => l !== keyOf(e)) : [...left, keyOf(e)])
                    }
                  />
                  {t('order.edge', { before: title(e.before), after: title(e.after) })}
                </label>
                {!e.must && (
                  <button
                    type="button"
                    className="btn btn-ghost"
                    aria-label={t('actOn', { act: t('order.waive'), what: `${title(e.before)}, ${title(e.after)}` })}
                    onClick={() => setExcusing(e)}
                  >
                    {t('order.waive')}
                  </button>
                )}
              </li>
            ))}
          </ul>
        </section>
      ))}
      {excusing && (
        <Excuse
          projectId={projectId}
          rule={excusing.rule}
          beforeId={excusing.before}
          afterId={excusing.after}
          what={t('order.edge', { before: title(excusing.before), after: title(excusing.after) })}
          onClose={() => setExcusing(undefined)}
        />
      )}
    </Part>
  )
}

function Lacking({
  projectId,
  orderOfWork: s,
  title,
}: {
  projectId: string
  orderOfWork: OrderOfWork
  title: (id: string) => string
}) {
  const { t } = useTranslation()
  const [excusing, setExcusing] = useState<OrderOfWork['missing'][number]>()
  if (s.missing.length === 0) return null
  return (
    <Part title={t('order.lacking')}>
      <ul>
        {s.missing.map((m) => (
          <li key={m.rule + m.job} className="border-b border-base-300 py-2">
            <span className="font-semibold">{title(m.job)}</span>
            <span className="quiet block text-sm">{m.reason}</span>
            <span className="flex gap-2">
              <Link className="btn" to={`/p/${projectId}/work?new=1`}>
                {t('order.addStep')}
              </Link>
              <button
                type="button"
                className="btn btn-ghost"
                aria-label={t('actOn', { act: t('order.nothingThere'), what: title(m.job) })}
                onClick={() => setExcusing(m)}
              >
                {t('order.nothingThere')}
              </button>
            </span>
          </li>
        ))}
      </ul>
      {excusing && (
        <Excuse
          projectId={projectId}
          rule={excusing.rule}
          beforeId={excusing.job}
          afterId={excusing.job}
          what={`${title(excusing.job)}: ${excusing.reason}`}
          onClose={() => setExcusing(undefined)}
        />
      )}
    </Part>
  )
}

function Excused({
  projectId,
  orderOfWork: s,
  title,
}: {
  projectId: string
  orderOfWork: OrderOfWork
  title: (id: string) => string
}) {
  const { t } = useTranslation()
  const back = useWrite(
    (body: OrderOfWork['waivers'][number], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/order-of-work/take-back', {
          params: { path: { projectId } },
          body,
          ...write(id),
        }),
      ),
    { said: () => t('order.tookBack') },
  )
  if (s.waivers.length === 0) return null
  return (
    <Part title={t('order.excused')}>
      <ul>
        {s.waivers.map((w) => (
          <li key={w.rule + w.beforeId + w.afterId} className="flex items-center gap-3 border-b border-base-300 py-1">
            <span className="grow">
              {w.beforeId === w.afterId
                ? title(w.afterId)
                : t('order.edge', { before: title(w.beforeId), after: title(w.afterId) })}
              : {w.reason}
            </span>
            <button
              type="button"
              className="btn btn-ghost"
              aria-label={t('actOn', { act: t('order.takeBack'), what: title(w.afterId) })}
              onClick={() => back.mutate(w)}
            >
              {t('order.takeBack')}
            </button>
          </li>
        ))}
      </ul>
      <ProblemAlert error={back.error} />
    </Part>
  )
}
