import type { ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { hours, useFormat } from '@/ui/format/format'
import type { Plan } from '../axis/lanes'

/**
 * What a longer search has found meanwhile: a plan that is sooner, or else what may be opened once more seldom. Its row is there from the first,
 * so that nothing moves when an offer comes.
 */
export function Better({ projectId, plan }: { projectId: string; plan: Plan }) {
  const { t } = useTranslation()
  const format = useFormat()
  const path = { params: { path: { projectId } } }
  const take = useWrite(
    (_: object, id) => unwrap(api.POST('/api/projects/{projectId}/plan/follow-better', { ...path, ...write(id) })),
    { said: () => t('dates.follows'), undoable: false },
  )
  const share = useWrite(
    (_: object, id) => unwrap(api.POST('/api/projects/{projectId}/plan/share-more', { ...path, ...write(id) })),
    { said: () => t('dates.shared'), undoable: false },
  )
  const { better, fewer } = plan
  if (better)
    return (
      <Offer action={t('dates.takeBetter')} taking={take}>
        {t('dates.better', {
          aim: t(`reached.${better.aim}`),
          after: format.shortDay(better.after),
          before: format.shortDay(better.before),
        })}
      </Offer>
    )
  if (fewer)
    return (
      <Offer action={t('dates.shareMore')} taking={share}>
        {t('dates.fewer', {
          what: new Intl.ListFormat(format.locale).format(fewer.accesses),
          time: hours(fewer.savedMinutes),
        })}
      </Offer>
    )
  return (
    <p role="status" className="quiet mb-4 flex min-h-12 items-center">
      {t(`dates.search.${plan.search}`)}
    </p>
  )
}

function Offer({
  action,
  taking,
  children,
}: {
  action: string
  taking: { isPending: boolean; error: Error | null; mutate: (what: object) => void }
  children: ReactNode
}) {
  return (
    <div role="status" className="mb-4 flex min-h-12 flex-wrap items-center gap-3 border-l-4 border-accent pl-3">
      <p className="grow">{children}</p>
      <button type="button" className="btn btn-primary" disabled={taking.isPending} onClick={() => taking.mutate({})}>
        {action}
      </button>
      <ProblemAlert error={taking.error} />
    </div>
  )
}
