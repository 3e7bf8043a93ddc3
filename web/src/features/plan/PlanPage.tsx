import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { Trans, useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { planQuery } from '@/api/queries'
import { Empty, Loaded } from '@/ui/Feedback'
import { Page, Part } from '@/ui/Page'
import { useFormat } from '@/ui/format'
import { PlanDays } from './PlanDays'
import { useReason } from './useReason'

type Plan = Schemas['PlanResponse']

/** When what happens, and why not sooner. */
export function PlanPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const plan = useQuery(planQuery(projectId))
  return (
    <Loaded query={plan} what={t('plan.loading')}>
      {(p) => <Dated plan={p} projectId={projectId} />}
    </Loaded>
  )
}

function Dated({ plan, projectId }: { plan: Plan; projectId: string }) {
  const { t } = useTranslation()
  return (
    <Page title={t('plan.title')} answer={<PlanAnswer plan={plan} />}>
      <Unplanned plan={plan} projectId={projectId} />
      {plan.activities.length === 0 && plan.unplaced.length === 0 && plan.circle.length === 0 && (
        <Empty title={t('plan.emptyTitle')}>{t('plan.empty')}</Empty>
      )}
      <PlanDays plan={plan} projectId={projectId} />
    </Page>
  )
}

function PlanAnswer({ plan }: { plan: Plan }) {
  const { t } = useTranslation()
  const format = useFormat()
  if (plan.circle.length > 0) return t('plan.circle', { jobs: plan.circle.map((s) => s.title).join(' → ') })
  if (plan.milestones.length === 0) return t('plan.nothing')
  return (
    <>
      {plan.milestones
        .filter((m, i, all) => i === 0 || m.finish !== all[i - 1]!.finish)
        .map((m) => (
          <span key={m.aim}>
            <Trans
              i18nKey="plan.milestone"
              values={{ aim: t(`reached.${m.aim}`), date: format.day(format.dateOf(m.finish)), holder: m.holder.title }}
              components={{ b: <strong className="font-bold" /> }}
            />{' '}
          </span>
        ))}
    </>
  )
}

function Unplanned({ plan, projectId }: { plan: Plan; projectId: string }) {
  const { t } = useTranslation()
  const reason = useReason()
  if (plan.unplaced.length === 0) return null
  const noTime = plan.unplaced.some((u) => u.limit.kind === 'NO_TIME')
  return (
    <Part title={t('plan.unplaced', { count: plan.unplaced.length })}>
      {noTime && (
        <p className="mb-2">
          {t('plan.noTime')}{' '}
          <Link className="link" to="/garage">
            {t('today.sayWhen')}
          </Link>
        </p>
      )}
      <ul>
        {plan.unplaced.map((u) => (
          <li key={u.subject.id}>
            <Link className="link" to={`/p/${projectId}/work?job=${u.subject.id}`}>
              {u.subject.title}
            </Link>
            : {reason(u.limit)}
          </li>
        ))}
      </ul>
    </Part>
  )
}
