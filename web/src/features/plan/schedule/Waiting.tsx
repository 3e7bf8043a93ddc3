import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import type { Plan } from './axis/lanes'
import { hasPlace } from './Unplanned'

type Waits = Schemas['Waiting']

/** What has no sure date, why, and where the way on is. */
export function Waiting({ plan, projectId }: { plan: Plan; projectId: string }) {
  const { t } = useTranslation()
  const shown = [
    { title: 'plan.undated', waits: plan.waiting.filter((w) => w.leftOut) },
    // a date that there is not depends on nothing
    { title: 'plan.promised', waits: plan.waiting.filter((w) => !w.leftOut && hasPlace(plan, w.subject)) },
  ] as const
  return shown
    .filter((p) => p.waits.length > 0)
    .map((p) => (
      <Part key={p.title} title={t(p.title, { count: p.waits.length })}>
        <ul className="list-disc pl-5">
          {p.waits.map((w) => (
            <li key={w.subject.kind + w.subject.id}>
              <What waits={w} projectId={projectId} />: <Why waits={w} projectId={projectId} />
            </li>
          ))}
        </ul>
      </Part>
    ))
}

function What({ waits: { subject }, projectId }: { waits: Waits; projectId: string }) {
  return subject.kind === 'JOB' ? (
    <Link className="link" to={`/p/${projectId}/work?job=${subject.id}`}>
      {subject.title}
    </Link>
  ) : (
    subject.title
  )
}

function Why({ waits: w, projectId }: { waits: Waits; projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  if (w.why === 'GATE_SHUT' || w.why === 'UNSEEN')
    return (
      <>
        {t(`plan.waits.${w.why}`)}{' '}
        <Link className="link" to={`/p/${projectId}/road`}>
          {t('plan.seeRoad')}
        </Link>
      </>
    )
  if (w.why === 'AFTER' || !w.because) return t('plan.waits.AFTER')
  return (
    <>
      {w.answerBy
        ? t('plan.waits.PROMISED', { part: w.because.title, day: format.dayAndYear(w.answerBy) })
        : t(`plan.waits.${w.leftOut ? 'ANSWER' : 'SOONEST'}`, { part: w.because.title })}{' '}
      <Link className="link" to={`/p/${projectId}/parts?need=${w.because.id}`}>
        {t('plan.seePart')}
      </Link>
    </>
  )
}
