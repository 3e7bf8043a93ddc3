import { Link } from 'react-router'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { ordersQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Photos } from '@/ui/photos/Photos'
import { ProblemAlert } from '@/ui/page/Feedback'
import { useFormat } from '@/ui/format/format'

type Order = Schemas['Order']
type OrderLine = Schemas['Line']

/** Every time that a part was ordered, and what came of it. */
export function Story({ need }: { need: Schemas['Need'] }) {
  const { t } = useTranslation()
  const { data: orders } = useQuery(ordersQuery(need.projectId))
  const bought = (orders ?? []).flatMap((o) =>
    o.lines.filter((l) => l.needId === need.id).map((line) => ({ order: o, line })),
  )
  if (bought.length === 0) return null
  return (
    <section>
      <h3 className="font-semibold">{t('delivery.story')}</h3>
      <ul>
        {bought.map(({ order, line }) => (
          <Bought key={line.id} order={order} line={line} />
        ))}
      </ul>
    </section>
  )
}

function Bought({ order: o, line: l }: { order: Order; line: OrderLine }) {
  const { t } = useTranslation()
  const format = useFormat()
  const lost = useWrite(
    (_: void, id) =>
      unwrap(api.POST('/api/order-lines/{id}/refund-lost', { params: { path: { id: l.id } }, ...write(id) })),
    { said: () => t('delivery.isLost') },
  )
  const day = (d: string | undefined) => (d ? format.shortDay(d) : '')
  const comesBack = l.returnedOn && !l.refundLostOn
  return (
    <li className="border-b border-base-300 py-2 last:border-0">
      <p>
        <span className="font-semibold">{o.supplier}</span>, {format.money(l.amountMinor, o.currency)},{' '}
        {t('delivery.orderedOn', { date: day(o.orderedOn) })}
        {l.arrivedOn && `, ${t('delivery.cameOn', { date: day(l.arrivedOn) })}`}
        {l.outcome && `, ${t(`lineOutcome.${l.outcome}`)}`}
        {l.outcomeReason && `: ${l.outcomeReason}`}
      </p>
      {l.arrivedOn && o.currency !== format.currency && (
        <p className="text-sm">
          {t('delivery.abroad')}{' '}
          <Link className="link" to={`/p/${o.projectId}/money?new=DUTY`}>
            {t('delivery.enterDuty')}
          </Link>
        </p>
      )}
      {l.arrivedOn && <Photos subject="ORDER_LINE" subjectId={l.id} readOnly />}
      {l.sentOn && (
        <p className="text-sm">
          {t('delivery.sentSays', { date: day(l.sentOn) })}
          {l.slip && ` (${l.slip})`}
        </p>
      )}
      {l.refundLostOn && <p className="text-sm">{t('delivery.lostSays', { date: day(l.refundLostOn) })}</p>}
      {comesBack && (
        <div className="mt-1 flex flex-wrap gap-2">
          <Link className="btn btn-sm" to={`/p/${o.projectId}/money?refund=${o.id}`}>
            {t('delivery.moneyBack')}
          </Link>
          <button type="button" className="btn btn-ghost btn-sm" onClick={() => lost.mutate()}>
            {t('delivery.lost')}
          </button>
        </div>
      )}
      <ProblemAlert error={lost.error} />
    </li>
  )
}
