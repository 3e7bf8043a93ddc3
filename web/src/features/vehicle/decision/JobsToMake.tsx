import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { hours, useFormat } from '@/ui/format/format'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { Part } from '@/ui/page/Page'
import { useFindingName } from '@/ui/format/names/findingNames'
import type { Finding } from './decisions'

type Props = { projectId: string; findings: Finding[]; nameOf: (zone: string) => string }

/** What is decided and has no jobs yet: the work of all of it is made with one press, and taken back with one. */
export function JobsToMake({ projectId, findings, nameOf }: Props) {
  const { t } = useTranslation()
  const { whole } = useFindingName(projectId, nameOf)
  const path = { params: { path: { projectId } } }
  const offers = useQuery({
    queryKey: ['chains', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/chains', path)),
  })
  const [made, setMade] = useState(0)
  const [chainIds] = useState(() => new Map<string, string>()) // the same when it is sent again
  const chainOf = (findingId: string) => {
    if (!chainIds.has(findingId)) chainIds.set(findingId, crypto.randomUUID())
    return chainIds.get(findingId)!
  }
  const make = useWrite(
    (all: Offer[], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/chains', {
          ...path,
          body: { chains: all.map((o) => ({ findingId: o.findingId, chainId: chainOf(o.findingId) })) },
          ...write(id),
        }),
      ),
    {
      said: (all) => t('decide.jobsMade', { count: jobsIn(all) }),
      done: (_, all) => setMade(jobsIn(all)),
    },
  )
  return (
    <Loaded query={offers} what={t('walk.loading')}>
      {(all) => {
        const known = all.filter((o) => o.title !== undefined)
        const shared = sharedBy(known)
        const minutes = [...known, ...shared].reduce((sum, o) => sum + o.likelyMinutes, 0)
        if (all.length === 0)
          return made > 0 ? (
            <p className="mb-4">
              {t('decide.jobsMade', { count: made })}{' '}
              <Link className="link" to={`/p/${projectId}/plan`}>
                {t('decide.seePlan')}
              </Link>
            </p>
          ) : null
        return (
          <Part title={t('decide.withoutJobs', { count: all.length })}>
            <PartsCost offers={[...known, ...shared]} />
            <ProblemAlert error={make.error} />
            {known.length > 0 && (
              <button
                type="button"
                className="btn btn-primary my-2"
                disabled={make.isPending}
                onClick={() => make.mutate(known)}
              >
                {t('decide.makeJobs', { count: jobsIn(known), hours: hours(minutes) })}
              </button>
            )}
            <ul className="max-w-3xl">
              {all.map((o) => (
                <li key={o.findingId} className="flex flex-wrap gap-x-3 border-b border-base-300 py-1">
                  <Link className="link grow" to={`/p/${projectId}/walk?finding=${o.findingId}`}>
                    {o.title ?? nameOfFinding(o.findingId)}
                  </Link>
                  <span className="quiet text-sm">
                    {o.title === undefined
                      ? t('decide.byHand')
                      : o.withSameAxle
                        ? t('decide.withSameAxle')
                        : t('decide.chain', { count: o.jobs, hours: hours(o.likelyMinutes) })}
                  </span>
                </li>
              ))}
              {shared.map((w) => (
                <li key={w.id} className="flex flex-wrap gap-x-3 border-b border-base-300 py-1">
                  <span className="grow">{w.title}</span>
                  <span className="quiet text-sm">
                    {t('decide.shared', { count: w.serves, hours: hours(w.likelyMinutes) })}
                  </span>
                </li>
              ))}
            </ul>
          </Part>
        )
      }}
    </Loaded>
  )

  function nameOfFinding(id: string): string {
    const finding = findings.find((f) => f.id === id)
    return finding ? whole(finding) : ''
  }
}

type Offer = Schemas['OfferedChain']

/** What the parts of all of it cost, between low and high; nothing where nobody knows what an hour costs. */
function PartsCost({ offers }: { offers: Pick<Offer, 'cost'>[] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const costs = offers.flatMap((o) => o.cost ?? [])
  if (costs.length === 0) return null
  const sum = (of: 'optimisticMinor' | 'pessimisticMinor') =>
    format.roughly(
      costs.reduce((all, c) => all + c[of], 0),
      format.currency,
    )
  return <p>{t('decide.partsBetween', { low: sum('optimisticMinor'), high: sum('pessimisticMinor') })}</p>
}

/** What is made once however many of them end in it, with how many do; not what is planned already. */
function sharedBy(offers: Offer[]) {
  const all = offers.flatMap((o) => o.then).filter((w) => !w.planned)
  return [...new Map(all.map((w) => [w.id, w])).values()].map((w) => ({
    ...w,
    serves: all.filter((other) => other.id === w.id).length,
  }))
}

const jobsIn = (offers: Offer[]) => offers.reduce((sum, o) => sum + o.jobs, sharedBy(offers).length)
