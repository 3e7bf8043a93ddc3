import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Timer } from 'lucide-react'
import { findingsQuery, projectQuery } from '@/api/queries'
import { Loaded } from '@/ui/page/Feedback'
import { Page, Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { useFindingName } from '@/ui/format/names/findingNames'
import { useZoneNames } from '@/ui/format/names/zones'
import { BidAnswer } from './BidAnswer'
import { Comparables } from './Comparables'
import { EndForms } from './EndForms'
import { FiguresForm } from './FiguresForm'
import { Looks, Movers } from './Movers'
import { SumLaidOpen } from './SumLaidOpen'
import { buyingQuery, type Buying } from './buying'

/** What to bid: the answer, the sum it is made of, what would change it, and how it ends. */
export function BidPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  return (
    <Loaded query={useQuery(buyingQuery(projectId))} what={t('bid.loading')}>
      {(buying) => <Bid projectId={projectId} buying={buying} />}
    </Loaded>
  )
}

function Bid({ projectId, buying }: { projectId: string; buying: Buying }) {
  const { t } = useTranslation()
  const format = useFormat()
  const zoneName = useZoneNames(projectId)
  const { whole } = useFindingName(projectId, zoneName)
  const findings = useQuery(findingsQuery(projectId))
  const project = useQuery(projectQuery(projectId))
  const [editing, setEditing] = useState(false)
  const { advice } = buying
  const findingName = (id: string) => {
    const f = findings.data?.find((x) => x.id === id)
    return f ? whole(f) : id
  }
  return (
    <Page
      title={t('bid.title')}
      words={['ceiling']}
      answer={<BidAnswer buying={buying} />}
      action={
        <>
          <Link className="btn btn-primary" to={`/p/${projectId}/walk/short-look`}>
            <Timer className="size-5" aria-hidden="true" />
            {t('bid.shortLook')}
          </Link>
          <button type="button" className="btn" onClick={() => setEditing(true)}>
            {t('bid.change')}
          </button>
        </>
      }
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-x-10 lg:grid-cols-[minmax(0,1fr)_minmax(0,1fr)]">
        <div>
          {buying.lacks.map((lack) => (
            <p key={lack} className="mb-3 font-semibold">
              {t(`bid.needs.${lack}`)}{' '}
              {lack === 'WORKSHOP_HOUR' && (
                <Link className="link" to="/garage">
                  {t('bid.toGarage')}
                </Link>
              )}
            </p>
          ))}
          {advice && (
            <Part title={t('bid.sum')}>
              <SumLaidOpen buying={buying} advice={advice} zoneName={zoneName} findingName={findingName} />
            </Part>
          )}
          <Part title={t('bid.comparables')}>
            <Comparables projectId={projectId} buying={buying} />
          </Part>
          {buying.inputs.rarity && (
            <Part title={t('bid.rarity')}>
              <p className="whitespace-pre-wrap">{buying.inputs.rarity}</p>
              <p className="quiet text-sm">{t('bid.rarityHint')}</p>
            </Part>
          )}
        </div>
        <div>
          {advice && (
            <>
              <Part title={t('bid.looks')}>
                <Looks projectId={projectId} advice={advice} asked={buying.inputs.askedMinor} zoneName={zoneName} />
              </Part>
              <Part title={t('bid.movers')}>
                <Movers advice={advice} zoneName={zoneName} findingName={findingName} />
              </Part>
              {project.data?.state === 'LOOKING' && (
                <Part title={t('bid.end')}>
                  <EndForms
                    projectId={projectId}
                    ceiling={advice.ceiling.price}
                    currency={format.currency}
                    walkAway={advice.word === 'WALK_AWAY'}
                  />
                </Part>
              )}
            </>
          )}
        </div>
      </div>
      {editing && <FiguresForm projectId={projectId} buying={buying} onClose={() => setEditing(false)} />}
    </Page>
  )
}
