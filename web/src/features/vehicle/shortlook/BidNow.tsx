import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { useRole } from '@/api/useRole'
import { projectQuery } from '@/api/queries'
import { useFormat } from '@/ui/format/format'
import { buyingQuery } from '../../money/buying/buying'
import { stopped, type Card } from './shortLook'

/** What the bid is now; for its parts alone, where an answer made it a donor. */
export function BidNow({ projectId, cards }: { projectId: string; cards: Card[] }) {
  const { owns } = useRole()
  const { data: project } = useQuery(projectQuery(projectId))
  if (!owns || project?.state !== 'LOOKING') return null
  return <Bid projectId={projectId} donor={stopped(cards).some((c) => c.stop!.meaning === 'DONOR')} />
}

function Bid({ projectId, donor }: { projectId: string; donor: boolean }) {
  const { t } = useTranslation()
  const format = useFormat()
  const { data: buying, isFetching } = useQuery(buyingQuery(projectId))
  const money = (minor: number) => format.roughly(minor, format.currency)
  if (!buying) return null
  const ceiling = buying.advice?.ceiling.price
  return (
    <p aria-live="polite" aria-busy={isFetching} className="rounded border border-base-300 p-3 font-semibold">
      {ceiling === undefined
        ? t('short.noBid')
        : ceiling <= 0
          ? t('short.bidNothing')
          : t('short.bid', { ceiling: money(ceiling) })}{' '}
      {donor &&
        (buying.asDonor === undefined
          ? t('short.donorUnknown')
          : t('short.donor', { ceiling: money(Math.max(0, buying.asDonor)) }))}{' '}
      <Link className="link font-normal" to={`/p/${projectId}/buying`}>
        {t('short.toBid')}
      </Link>
    </p>
  )
}
