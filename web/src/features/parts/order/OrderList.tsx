import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from '@/ui/format/format'
import { orderText } from './orderText'

type Order = Schemas['Order']

const totalOf = (o: Order) => o.postMinor + o.lines.reduce((sum, l) => sum + l.amountMinor, 0)

/** Orders, the next to come first; an invoice is entered from its order. */
export function OrderList({ orders, projectId }: { orders: Order[]; projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  return (
    <ul>
      {[...orders].reverse().map((o) => (
        <li
          key={o.id}
          className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-base-300 py-2 last:border-0"
        >
          <span className="grow">
            <span className="font-semibold">{o.supplier}</span>{' '}
            <span className="quiet">
              {t('parts.orderSays', { ordered: format.shortDay(o.orderedOn), expected: format.shortDay(o.expectedOn) })}
            </span>
            <span className="quiet block text-sm">{o.lines.map((l) => l.title).join('; ')}</span>
          </span>
          <span className="whitespace-nowrap">{format.money(totalOf(o), o.currency)}</span>
          <OrderAsText order={o} />
          <Link className="btn btn-sm" to={`/p/${projectId}/money?invoice=${o.id}`}>
            {t('parts.enterInvoice')}
          </Link>
        </li>
      ))}
    </ul>
  )
}

/** The order as a text to send, in a file of its own. */
function OrderAsText({ order: o }: { order: Order }) {
  const { t } = useTranslation()
  const format = useFormat()
  const save = () => {
    const words = {
      order: t('parts.orderWord'),
      reference: t('parts.reference'),
      on: t('parts.orderedOn'),
      post: t('parts.postWord'),
      total: t('parts.totalWord'),
    }
    const link = document.createElement('a')
    link.href = URL.createObjectURL(new Blob([orderText(o, words, format.money)], { type: 'text/plain' }))
    link.download = `${o.supplier} ${o.orderedOn}.txt`
    link.click()
    URL.revokeObjectURL(link.href)
  }
  return (
    <button
      type="button"
      className="btn btn-ghost btn-sm"
      aria-label={t('actOn', { act: t('parts.asText'), what: o.supplier })}
      onClick={save}
    >
      {t('parts.asText')}
    </button>
  )
}
