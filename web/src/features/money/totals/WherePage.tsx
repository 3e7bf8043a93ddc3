import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { Trans, useTranslation } from 'react-i18next'
import { Loaded } from '@/ui/page/Feedback'
import { Further, Page, Part } from '@/ui/page/Page'
import { inside, percent, useFormat } from '@/ui/format/format'
import { Gains } from '../gain/Gains'
import { JobCosts } from '../jobcost/JobCosts'
import { WithAndWithout } from '../ownstock/WithAndWithout'
import { Wasted } from '../waste/Wasted'
import { wasteQuery } from '../waste/queries'
import { Budgets } from './Budgets'
import { GroupTotals } from './GroupTotals'
import { groupsQuery, totalsQuery, type Totals } from './queries'
import { useGroupName } from './useGroupName'

/** Where the money went: by whatever somebody asks, against each group's budget, and what was for nothing. */
export function WherePage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const totals = useQuery(totalsQuery(projectId, { by: 'SYSTEM' }))
  const groups = useQuery(groupsQuery(projectId))
  const waste = useQuery(wasteQuery(projectId))
  const format = useFormat()
  return (
    <Loaded query={totals} what={t('totals.loading')}>
      {(all) => (
        <Page title={t('totals.title')} answer={<Most totals={all} wastedMinor={waste.data?.totalMinor ?? 0} />}>
          <div className="grid gap-x-10 lg:grid-cols-2">
            <div>
              <GroupTotals projectId={projectId} currency={format.currency} />
              <JobCosts projectId={projectId} />
              <Gains projectId={projectId} />
              <WithAndWithout projectId={projectId} />
              <Part title={t('waste.title')}>
                {waste.data && <Wasted projectId={projectId} waste={waste.data} currency={format.currency} />}
              </Part>
            </div>
            <div>{groups.data && <Budgets projectId={projectId} budgets={groups.data} />}</div>
          </div>
        </Page>
      )}
    </Loaded>
  )
}

function Most({ totals, wastedMinor }: { totals: Totals; wastedMinor: number }) {
  const { t } = useTranslation()
  const format = useFormat()
  const nameOf = useGroupName('SYSTEM')
  const most = totals.groups[0]
  const money = (minor: number) => format.money(minor, format.currency)
  const deposits = totals.depositsOutMinor !== 0 && t('totals.deposits', { money: money(totals.depositsOutMinor) })
  if (!most) return <>{t('totals.nothing')}</>
  if (totals.closingMinor <= 0) return <>{t('totals.cameIn', { money: money(-totals.closingMinor) })}</>
  return (
    <>
      <Trans
        i18nKey="totals.most"
        values={{
          money: money(totals.closingMinor),
          group: inside(nameOf(most)),
          share: percent(Math.min(1, most.baseMinor / totals.closingMinor)),
        }}
        components={{ b: <strong className="font-bold" /> }}
      />
      {(wastedMinor > 0 || deposits) && (
        <Further>
          {wastedMinor > 0 && t('totals.wasted', { money: money(wastedMinor) })} {deposits}
        </Further>
      )}
    </>
  )
}
