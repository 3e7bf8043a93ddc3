import { useState } from 'react'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from '@/ui/format/format'
import { OrderPaper } from './OrderPaper'
import { totalOf } from './orderText'

type Order = Schemas['Order']

/** Orders, the next to come first; an invoice is entered from its order. */
export function OrderList({ orders, projectId }: { orders: Order[]; projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [written, setWritten] = useState<Order>()
  return (
    <>
      <ul>
        {[...orders].reverse().map((o) => (
          <li
            key={o.id}
            className="flex flex-wrap items-baseline gap-x-4 gap-y-1 border-b border-base-300 py-2 last:border-0"
          >
            <span className="grow">
              <span className="font-semibold">{o.supplier}</span>{' '}
              <span className="quiet">
                {t('parts.orderSays', {
                  ordered: format.shortDay(o.orderedOn),
                  expected: format.shortDay(o.expectedOn),
                })}
              </span>
              <span className="quiet block text-sm">{o.lines.map((l) => l.title).join('; ')}</span>
            </span>
            <span className="whitespace-nowrap">{format.money(totalOf(o), o.currency)}</span>
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              aria-label={t('actOn', { act: t('parts.writeOut'), what: o.supplier })}
              onClick={() => setWritten(o)}
            >
              {t('parts.writeOut')}
            </button>
            <Link className="btn btn-sm" to={`/p/${projectId}/money?invoice=${o.id}`}>
              {t('parts.enterInvoice')}
            </Link>
          </li>
        ))}
      </ul>
      {written && <OrderPaper order={written} onClose={() => setWritten(undefined)} />}
    </>
  )
}
