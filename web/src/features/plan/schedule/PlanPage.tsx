import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { Trans, useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { planQuery } from '@/api/queries'
import { Empty, Loaded } from '@/ui/page/Feedback'
import { Further, Page } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { ActivityPanel } from './ActivityPanel'
import { Better } from './offers/Better'
import { FollowPlan, Slipped } from './offers/FollowPlan'
import { Hires } from './Hires'
import { Loose } from './Loose'
import { OwnPace } from '../whatif/OwnPace'
import { WhatFirst } from '../whatif/WhatFirst'
import { PlanAxis } from './axis/PlanAxis'
import { PhaseOverview } from './PhaseOverview'
import { PlanDays } from './PlanDays'
import { Risk } from '../risk/Risk'
import { Sooner } from '../whatif/Sooner'
import { Unplanned, wantOfTime } from './Unplanned'
import { useReason } from './useReason'
import { Waiting } from './Waiting'

type Plan = Schemas['PlanResponse']

const LOOK_AGAIN_MS = 5000

/** When what happens, and why not sooner. */
export function PlanPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const plan = useQuery({
    ...planQuery(projectId),
    refetchInterval: (q) => (q.state.data?.search === 'GOES_ON' ? LOOK_AGAIN_MS : false),
  })
  return (
    <Loaded query={plan} what={t('plan.loading')}>
      {(p) => <Dated plan={p} projectId={projectId} />}
    </Loaded>
  )
}

function Dated({ plan, projectId }: { plan: Plan; projectId: string }) {
  const { t } = useTranslation()
  const [chosen, setChosen] = useState<string>()
  const [wanted, setWanted] = useState<string>()
  const activity = plan.activities.find((a) => a.key === chosen)
  const choose = (key: string) => {
    setChosen(key)
    setWanted(undefined)
  }
  return (
    <Page
      title={t('plan.title')}
      words={['session', 'slack', 'stripDown', 'planB']}
      answer={<PlanAnswer plan={plan} />}
      action={plan.milestones.length > 0 && <FollowPlan projectId={projectId} plan={plan} />}
    >
      <Unplanned plan={plan} projectId={projectId} />
      <Waiting plan={plan} projectId={projectId} />
      {plan.activities.length === 0 && plan.unplaced.length + plan.circle.length + plan.waiting.length === 0 && (
        <Empty title={t('plan.emptyTitle')}>{t('plan.empty')}</Empty>
      )}
      {plan.activities.length > 0 && plan.unplaced.length === 0 && <Better projectId={projectId} plan={plan} />}
      <Risk projectId={projectId} />
      <PhaseOverview plan={plan} />
      <PlanAxis
        plan={plan}
        projectId={projectId}
        chosen={chosen}
        onChoose={choose}
        onMove={(key, day) => {
          setChosen(key)
          setWanted(day)
        }}
      />
      <Hires plan={plan} />
      <Loose plan={plan} />
      <Slipped plan={plan} onChoose={choose} />
      {plan.activities.length > 0 && <WhatFirst projectId={projectId} plan={plan} />}
      {plan.activities.length > 0 && <OwnPace projectId={projectId} plan={plan} />}
      {plan.activities.length > 0 && <Sooner projectId={projectId} />}
      <Chain plan={plan} />
      <PlanDays plan={plan} projectId={projectId} />
      {activity && (
        <ActivityPanel
          key={activity.key}
          projectId={projectId}
          activity={activity}
          wanted={wanted}
          onWant={setWanted}
          onClose={() => setChosen(undefined)}
        />
      )}
    </Page>
  )
}

/** From today to the last milestone: what comes after what, and why none of it is sooner. */
function Chain({ plan }: { plan: Plan }) {
  const { t } = useTranslation()
  const format = useFormat()
  const reason = useReason()
  const latest = plan.milestones.filter((m) => m.chain.length > 1).at(-1)
  const last = plan.milestones.find((m) => m.finish === latest?.finish)
  if (!last) return null
  const steps = [...last.chain].reverse().flatMap((s) => {
    const activity = plan.activities.find((a) => a.subject.id === s.id && a.subject.kind === s.kind)
    return activity ? [activity] : []
  })
  return (
    <details className="mb-6">
      <summary className="cursor-pointer py-2 font-semibold">
        {t('dates.chain', { aim: t(`reached.${last.aim}`), count: steps.length })}
      </summary>
      <ol className="list-decimal pl-6">
        {steps.map((a) => (
          <li key={a.key} className="py-1">
            <strong>{a.subject.title}</strong>, {format.shortDay(a.start)}.{' '}
            <span className="quiet">{a.reasons.map(reason).join(' ')}</span>
          </li>
        ))}
      </ol>
    </details>
  )
}

function whyNoDate(plan: Plan) {
  if (plan.unplaced.length > 0) return wantOfTime(plan) ?? 'plan.noDate'
  return plan.waiting.length > 0 ? 'plan.allWaits' : 'plan.nothing'
}

function PlanAnswer({ plan }: { plan: Plan }) {
  const { t } = useTranslation()
  const format = useFormat()
  if (plan.circle.length > 0) return t('plan.circle', { jobs: plan.circle.map((s) => s.title).join(' → ') })
  if (plan.milestones.length === 0) return t(whyNoDate(plan))
  const shown = plan.milestones.filter((m, i, all) => i === 0 || m.finish !== all[i - 1]!.finish)
  const last = shown.at(-1)!
  const kept = (m: Plan['milestones'][number]) => {
    if (m.beyondAtOwnPace) return t('plan.ifAllKept')
    const date = format.far(format.dateOf(m.finish))
    return date === format.far(format.dateOf(m.finishAtOwnPace ?? m.finish)) ? '' : t('plan.ifKept', { date })
  }
  return (
    <>
      {shown.map((m) => (
        <span key={m.aim}>
          <Trans
            i18nKey={m.notBefore ? 'plan.notBefore' : 'plan.milestone'}
            values={{
              aim: t(`reached.${m.aim}`),
              date: format.far(format.dateOf(m.finishAtOwnPace ?? m.finish)),
              kept: m === last ? kept(m) : '',
            }}
            components={{ b: <strong className="font-bold" /> }}
          />{' '}
        </span>
      ))}
      {plan.withoutDate[0] && t('plan.withoutDate', { aim: t(`reached.${plan.withoutDate[0]}`) })}
      <Further>
        {shown
          .filter((m, i) => shown[i + 1]?.holder.id !== m.holder.id)
          .map((m) => t('plan.setBy', { aim: t(`reached.${m.aim}`), holder: m.holder.title }))
          .join(' ')}{' '}
        {last.spareDays !== undefined &&
          !(last.notBefore && last.spareDays >= 0) &&
          t(last.spareDays >= 0 ? 'dates.spare' : 'dates.missed', { count: Math.abs(last.spareDays) })}
      </Further>
    </>
  )
}
