import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Loaded, ProblemAlert } from '@/ui/page/Feedback'
import { hours, percent } from '@/ui/format/format'
import { useFreshId } from '@/ui/form/draft/useFreshId'
import { useZoneNames } from '@/ui/format/names/zones'

type Offer = Schemas['OfferResponse']

/** What else could be done while it is open: each in one sentence, now against later. Often the answer is to wait. */
export function WhileOpen({ projectId, stripDown, isOpen }: { projectId: string; stripDown: string; isOpen: boolean }) {
  const { t } = useTranslation()
  const path = { projectId, stripDown }
  const [fresh, renew] = useFreshId()
  const offers = useQuery({
    queryKey: ['access', projectId, 'while-open', stripDown],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/access/{stripDown}/while-open', { params: { path } })),
  })
  const take = useWrite(
    (body: Schemas['AgeingJobRequest'], id) =>
      unwrap(api.POST('/api/projects/{projectId}/access/{stripDown}/ageing', { params: { path }, body, ...write(id) })),
    { said: () => t('access.taken'), done: renew },
  )
  return (
    <Loaded query={offers} what={t('access.looking')}>
      {(all) => (
        <section className="card-sheet mt-2 p-3">
          <h4 className="font-semibold">{t(isOpen ? 'access.lastChance' : 'access.whileOpen')}</h4>
          {all.length === 0 && <p className="quiet">{t('access.nothingElse')}</p>}
          <ul>
            {all.map((o) => (
              <li key={o.kind + o.id} className="flex flex-wrap items-center gap-x-3 border-b border-base-300 py-1">
                <span className={`w-16 shrink-0 text-sm ${o.doNow ? 'font-bold' : 'quiet'}`}>
                  {t(o.doNow ? 'access.doNow' : 'access.wait')}
                </span>
                <span className="min-w-52 grow basis-0">
                  <Sentence offer={o} projectId={projectId} />
                </span>
                {o.kind === 'AGEING' && (
                  <button
                    type="button"
                    className="btn btn-ghost"
                    aria-label={t('actOn', { act: t('access.take'), what: o.title })}
                    disabled={take.isPending}
                    onClick={() => take.mutate({ jobId: fresh, part: o.id })}
                  >
                    {t('access.take')}
                  </button>
                )}
              </li>
            ))}
          </ul>
          <ProblemAlert error={take.error} />
        </section>
      )}
    </Loaded>
  )
}

function Sentence({ offer: o, projectId }: { offer: Offer; projectId: string }) {
  const { t } = useTranslation()
  const nameOf = useZoneNames(projectId)
  return t(`access.now.${o.kind}`, {
    what: o.kind === 'FINDING' ? t(`kind.${o.title as Schemas['FindingRow']['kind']}`) : o.title,
    place: o.zone ? nameOf(o.zone) : '',
    now: hours(o.nowMinutes),
    later: hours(o.laterMinutes),
    chance: percent(o.probability),
  })
}
