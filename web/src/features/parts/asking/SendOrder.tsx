import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Send } from 'lucide-react'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { useFormat } from '@/ui/format/format'
import { ProblemAlert } from '@/ui/page/Feedback'
import { sendingsQuery } from './queries'

/** Sends an order over the wire where its seller takes it so, and says what he answered. */
export function SendOrder({ order: o }: { order: Schemas['Order'] }) {
  const { t } = useTranslation()
  const { data } = useQuery(sendingsQuery(o.projectId))
  const send = useWrite(
    (_: void, id) => unwrap(api.POST('/api/orders/{id}/sending', { params: { path: { id: o.id } }, ...write(id) })),
    { said: (_, sent) => `${o.supplier}: ${t(`asking.${sent.answer}`)}`, undoable: false },
  )
  const sent = data?.sent.find((s) => s.orderId === o.id)
  const may = data?.sendable.includes(o.id) || (data?.canAsk && sent?.answer === 'UNSURE')
  return (
    <div className="grid gap-2">
      {sent && <SellerSaid sent={sent} currency={o.currency} />}
      {may && (
        <div>
          <button type="button" className="btn" disabled={send.isPending} onClick={() => send.mutate()}>
            <Send className="size-5" aria-hidden="true" />
            {t(sent ? 'asking.again' : 'asking.send')}
          </button>
        </div>
      )}
      <ProblemAlert error={send.error} />
    </div>
  )
}

function SellerSaid({ sent: s, currency }: { sent: Schemas['OrderSent']; currency: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const date = format.shortDay(s.sentOn)
  const more = s.dearerMinor ?? 0
  switch (s.answer) {
    case 'UNSURE':
      return <p>{t('asking.unsure', { date })}</p>
    case 'REFUSED':
      return <p>{t('asking.refused', { date, reason: s.reason })}</p>
    case 'ACCEPTED':
      return (
        <p>
          {t('asking.accepted', { date, by: format.shortDay(s.saidOn!) })}{' '}
          {more !== 0 &&
            t(more > 0 ? 'asking.dearer' : 'asking.cheaper', { money: format.money(Math.abs(more), currency) })}{' '}
          {s.laterDays > 0 && t('asking.later', { count: s.laterDays })}{' '}
          {!s.agrees && <strong>{t('asking.settle')}</strong>}
        </p>
      )
  }
}
