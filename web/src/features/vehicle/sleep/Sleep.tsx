import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Schemas } from '@/api/client'
import { Loaded } from '@/ui/page/Feedback'
import { useFormat } from '@/ui/format/format'
import { AddEvidence } from './AddEvidence'
import { leftOf, SuspectList } from '../event/SuspectList'
import type { Step } from '../check/checkWalk'

type Slept = Schemas['SleepResponse']

type Props = {
  projectId: string
  steps: Step[]
  nameOf: (place: string) => string
  onGo: (checkId: string, place: string) => void
}

/** How long the vehicle slept, with the evidence, and what that calls for. */
export function Sleep({ projectId, steps, nameOf, onGo }: Props) {
  const { t } = useTranslation()
  const slept = useQuery({
    queryKey: ['sleep', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/sleep', { params: { path: { projectId } } })),
  })
  return (
    <section className="card-sheet grid gap-3 p-4">
      <h2 className="text-lg font-semibold">{t('sleep.title')}</h2>
      <Loaded query={slept} what={t('check.loading')}>
        {(s) => (
          <>
            {s.estimate ? <Estimate estimate={s.estimate} /> : <p className="quiet">{t('sleep.none')}</p>}
            <Evidence slept={s} />
            <Suspects slept={s} steps={steps} nameOf={nameOf} onGo={onGo} />
            <AddEvidence projectId={projectId} />
          </>
        )}
      </Loaded>
    </section>
  )
}

function Estimate({ estimate: e }: { estimate: NonNullable<Slept['estimate']> }) {
  const { t } = useTranslation()
  const format = useFormat()
  const length =
    e.months < 24 ? t('sleep.months', { count: e.months }) : t('sleep.years', { count: Math.floor(e.months / 12) })
  return (
    <p className="font-semibold">
      {t('sleep.estimate', { years: length, month: format.month(e.since) })}{' '}
      <span className="font-normal">
        {t(e.onPaper ? 'sleep.onPaper' : 'sleep.onlySaid')} {e.undisturbed && t('sleep.undisturbed')}
      </span>
    </p>
  )
}

function Evidence({ slept }: { slept: Slept }) {
  const { t } = useTranslation()
  const format = useFormat()
  return (
    <ul className="text-sm">
      {slept.evidence.map((e) => (
        <li key={e.id} className="border-b border-base-300 py-1">
          {t(`sleep.kind.${e.kind}`)}
          {e.usedOn && `, ${format.month(e.usedOn)}`}
          {e.note && `: ${e.note}`}
        </li>
      ))}
    </ul>
  )
}

function Suspects({ slept, steps, nameOf, onGo }: Omit<Props, 'projectId'> & { slept: Slept }) {
  const { t } = useTranslation()
  const left = leftOf(slept.suspects, steps)
  if (left.length === 0) return null
  return (
    <details>
      <summary className="min-h-11 cursor-pointer py-2 font-semibold">
        {t('sleep.left', { count: left.length })}
      </summary>
      <SuspectList suspects={left} nameOf={nameOf} onGo={onGo} />
    </details>
  )
}
