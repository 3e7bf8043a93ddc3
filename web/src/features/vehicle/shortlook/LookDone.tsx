import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { useRole } from '@/api/useRole'
import { findingsQuery } from '@/api/queries'
import { useFormat } from '@/ui/format/format'
import { buyingQuery, type Advice } from '../../money/buying/buying'
import { checksQuery } from '../check/checkWalk'
import type { Card } from './shortLook'

const mostMoving = 3
const tenMoreMinutes = 5

type Props = { projectId: string; cards: Card[]; nameOf: (place: string) => string }

/** The last card: what moved the bid most, and where to look if the seller gives ten more minutes. */
export function LookDone({ projectId, cards, nameOf }: Props) {
  const { t } = useTranslation()
  const { owns } = useRole()
  const faults = cards.filter((c) => c.seen === 'BAD' || c.seen === 'DOUBTFUL').length
  return (
    <section aria-label={t('short.done')} className="card-sheet grid gap-4 p-4">
      <h2 className="text-xl font-semibold">{t('short.done')}</h2>
      <p>{t('short.faults', { count: faults })}</p>
      {owns && <Moved projectId={projectId} nameOf={nameOf} />}
      <TenMore projectId={projectId} nameOf={nameOf} />
    </section>
  )
}

function Moved({ projectId, nameOf }: Omit<Props, 'cards'>) {
  const { t } = useTranslation()
  const format = useFormat()
  const { data: buying } = useQuery(buyingQuery(projectId))
  const { data: findings } = useQuery(findingsQuery(projectId))
  const lowered: Advice['lowered'] = buying?.advice?.lowered.slice(0, mostMoving) ?? []
  if (lowered.length === 0) return null
  return (
    <div>
      <h3 className="font-semibold">{t('short.moved')}</h3>
      <ol className="list-decimal pl-6">
        {lowered.map((l) => {
          const f = findings?.find((x) => x.id === l.title)
          return (
            <li key={l.title}>
              {t('short.movedBy', {
                what: f ? `${t(`kind.${f.kind}`)}, ${nameOf(f.zone)}` : '',
                amount: format.roughly(l.by, format.currency),
              })}
            </li>
          )
        })}
      </ol>
    </div>
  )
}

/** The places where looking settles most, by what is still unseen of them. */
function TenMore({ projectId, nameOf }: Omit<Props, 'cards'>) {
  const { t } = useTranslation()
  const { data: walk } = useQuery(checksQuery(projectId))
  const { data: buying } = useQuery({ ...buyingQuery(projectId), enabled: useRole().owns })
  const byMoney = (buying?.advice?.movers ?? []).filter((m) => m.input === 'UNSEEN').map((m) => m.title)
  const places = byMoney.length > 0 ? byMoney : walk?.lookNext ? [walk.lookNext] : []
  if (places.length === 0) return null
  return (
    <div>
      <h3 className="font-semibold">{t('short.tenMore')}</h3>
      <ol className="list-decimal pl-6">
        {places.slice(0, tenMoreMinutes).map((place) => (
          <li key={place}>
            <Link className="link" to={`/p/${projectId}/walk/checks?place=${place}`}>
              {nameOf(place)}
            </Link>
          </li>
        ))}
      </ol>
    </div>
  )
}
