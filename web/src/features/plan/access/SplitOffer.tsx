import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { hours } from '@/ui/format/format'
import { useFreshId } from '@/ui/form/draft/useFreshId'
import { MilestoneMoves } from '../schedule/offers/MilestoneMoves'
import type { StripDown } from './access'

/** Jobs in an opening of their own: what it costs in hours and does to the dates, before it is done. */
export function SplitOffer({
  stripDown: o,
  leaving,
  projectId,
  onDone,
}: {
  stripDown: StripDown
  leaving: string[]
  projectId: string
  onDone: () => void
}) {
  const { t } = useTranslation()
  const [fresh] = useFreshId()
  const path = { params: { path: { projectId } } }
  const dates = useQuery({
    queryKey: ['plan', projectId, 'split', o.stripDown, leaving],
    queryFn: () =>
      unwrap(
        api.POST('/api/projects/{projectId}/plan/preview-split', {
          ...path,
          body: { stripDown: o.stripDown, jobs: leaving },
          ...write(crypto.randomUUID()),
        }),
      ),
    enabled: !o.openedOn,
  })
  const split = useWrite(
    (body: { access: string; stripDown: string; jobs: string[]; fresh: string }, id) =>
      unwrap(api.POST('/api/projects/{projectId}/access/split', { ...path, body, ...write(id) })),
    { said: () => t('access.splitDone'), done: onDone },
  )
  return (
    <div className="w-full border-l-4 border-accent py-1 pl-3 text-sm">
      <p>{t('access.splitCosts', { hours: hours(o.minutes) })}</p>
      {dates.data && <MilestoneMoves move={dates.data} />}
      <ProblemAlert error={dates.error ?? split.error} />
      <button
        type="button"
        className="btn"
        disabled={split.isPending}
        onClick={() => split.mutate({ access: o.access, stripDown: o.stripDown, jobs: leaving, fresh })}
      >
        {t('access.doSplit')}
      </button>
    </div>
  )
}
