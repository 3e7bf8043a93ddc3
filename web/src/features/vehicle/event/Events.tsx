import { events } from '@/api/generated/enums'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Schemas } from '@/api/client'
import { Loaded } from '@/ui/page/Feedback'
import { AddEvent } from './AddEvent'
import { leftOf, SuspectList } from './SuspectList'
import type { Step } from '../check/checkWalk'

type Happened = Schemas['EventResponse']

type Props = {
  projectId: string
  steps: Step[]
  nameOf: (place: string) => string
  onGo: (checkId: string, place: string) => void
}

/** What happened to the vehicle, and what that brings under suspicion. */
export function Events({ projectId, steps, nameOf, onGo }: Props) {
  const { t } = useTranslation()
  const happened = useQuery({
    queryKey: ['events', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/events', { params: { path: { projectId } } })),
  })
  return (
    <section className="card-sheet grid gap-3 p-4">
      <h2 className="text-lg font-semibold">{t('event.title')}</h2>
      <Loaded query={happened} what={t('check.loading')}>
        {(list) => (
          <>
            {list.length === 0 && <p className="quiet">{t('event.none')}</p>}
            {list.map((h) => (
              <Suspects key={h.id} happened={h} steps={steps} nameOf={nameOf} onGo={onGo} />
            ))}
            <AddEvent projectId={projectId} open={events.filter((e) => list.every((h) => h.event !== e))} />
          </>
        )}
      </Loaded>
    </section>
  )
}

function Suspects({ happened, steps, nameOf, onGo }: Omit<Props, 'projectId'> & { happened: Happened }) {
  const { t } = useTranslation()
  const left = leftOf(happened.suspects, steps)
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">
        {t(`event.kind.${happened.event}`)}
        {': '}
        {left.length > 0 ? t('event.left', { count: left.length }) : t('event.allLooked')}
      </summary>
      {happened.note && <p className="quiet mb-1">{happened.note}</p>}
      <SuspectList suspects={left} nameOf={nameOf} onGo={onGo} />
    </details>
  )
}
