import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Cautions } from '@/ui/safety/Cautions'
import { ProblemAlert } from '@/ui/page/Feedback'
import { hours } from '@/ui/format/format'

/** The chain of jobs that a recipe makes of a decided finding: looked at, then accepted with one press. */
export function ChainOffer({ finding }: { finding: Schemas['FindingRow'] }) {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  const [chainId] = useState(() => crypto.randomUUID())
  const recipes = useQuery({
    queryKey: ['recipes', finding.id, finding.version],
    queryFn: () =>
      unwrap(api.GET('/api/findings/{findingId}/recipes', { params: { path: { findingId: finding.id } } })),
  })
  const make = useWrite(
    (findingId: string, id) =>
      unwrap(
        api.POST('/api/findings/{findingId}/chain', {
          params: { path: { findingId } },
          body: { chainId },
          ...write(id),
        }),
      ),
    { said: (_, jobs) => t('finding.chainMade', { count: jobs.length }) },
  )
  const recipe = recipes.data?.[0]
  if (!recipe)
    return recipes.data ? (
      <p className="quiet">
        {t('finding.noRecipe')}{' '}
        <Link className="link" to={`/p/${projectId}/work?new=${finding.id}`}>
          {t('finding.jobByHand')}
        </Link>
      </p>
    ) : null
  const minutes = recipe.steps.reduce((sum, s) => sum + s.likelyMinutes, 0)
  return (
    <section className="card-sheet p-3">
      <h3 className="font-semibold">{recipe.title}</h3>
      <p className="quiet text-sm">{t('finding.chainOf', { count: recipe.steps.length, hours: hours(minutes) })}</p>
      <ol className="my-2 list-decimal pl-6">
        {recipe.steps.map((s) => (
          <li key={s.title}>
            {s.title} <span className="quiet text-sm">{hours(s.likelyMinutes)}</span>
            {s.needs.length > 0 && (
              <span className="quiet block text-sm">{t('finding.stepNeeds', { needs: s.needs.join(', ') })}</span>
            )}
          </li>
        ))}
      </ol>
      {recipe.then.length > 0 && (
        <>
          <p className="font-semibold">{t('finding.chainThen')}</p>
          <ul className="my-2 list-disc pl-6">
            {recipe.then.map((w) => (
              <li key={w.id}>
                {w.title} <span className="quiet text-sm">{hours(w.likelyMinutes)}</span>
                {w.planned && <span className="quiet block text-sm">{t('finding.chainJoins')}</span>}
              </li>
            ))}
          </ul>
        </>
      )}
      <Cautions cautions={recipe.cautions} />
      <ProblemAlert error={make.error} />
      <button
        type="button"
        className="btn btn-primary mt-2"
        disabled={make.isPending}
        onClick={() => make.mutate(finding.id)}
      >
        {t('finding.makeChain')}
      </button>
    </section>
  )
}
