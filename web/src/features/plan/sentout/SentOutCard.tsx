import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useRole } from '@/api/useRole'
import { Part } from '@/ui/page/Page'
import { hours, useFormat } from '@/ui/format/format'
import { useUnits } from '@/ui/format/units'
import { BackForm } from './BackForm'
import { OfferForm } from './OfferForm'
import { SendForm } from './SendForm'

export type SentOut = Schemas['SentOutResponse']

/** One send-out: what goes, what stands in the way, who does it for how much, and the next step. */
export function SentOutCard({ projectId, sentOut: s }: { projectId: string; sentOut: SentOut }) {
  const { t } = useTranslation()
  const units = useUnits()
  const format = useFormat()
  const { row } = s
  const { owns } = useRole()
  const toSend = row.state === 'TO_SEND' || row.state === 'REFUSED'
  return (
    <Part title={row.title} aside={<span className="font-semibold">{t(`away.state.${row.state}`)}</span>}>
      <p className="quiet">
        {t('away.pieces', { count: row.pieces })} · {t('away.days', { count: row.awayDays })}
        {row.carGoes && ` · ${t('away.carGoes')}`}
        {row.carrier && ` · ${row.carrier}`}
        {row.state === 'AWAY' && row.expectedOn && ` · ${t('away.expected', { day: format.shortDay(row.expectedOn) })}`}
        {row.state === 'BACK' && ` · ${t('away.cameBack', { count: row.piecesBack ?? 0, of: row.pieces })}`}
      </p>
      {s.late && <p className="font-bold">{t('away.isLate')}</p>}
      {row.mask && row.mask.length > 0 && toSend && <p>{t('away.mask', { list: row.mask.join(', ') })}</p>}
      {row.note && <p className="quiet whitespace-pre-wrap">{row.note}</p>}
      {s.blockedBy && <p className="font-semibold">{t('away.waitsFor', { job: s.blockedBy })}</p>}
      {s.offers.length > 0 && (
        <ul className="my-2">
          {s.offers.map(({ offer, totalMinor, atMostMinor }) => (
            <li key={offer.id} className="border-b border-base-300 py-1">
              <span className="font-semibold">{offer.carrier}</span>{' '}
              {offer.refused ? (
                t('away.refusedBy', { reason: offer.refused })
              ) : totalMinor === undefined || atMostMinor === undefined || offer.priceMinor === undefined ? (
                t('away.withoutPrice', {
                  way: units.about(offer.km, 'KILOMETRE'),
                  time: hours(offer.minutes),
                  days: offer.days,
                })
              ) : (
                <>
                  {format.money(totalMinor, format.currency)}
                  {atMostMinor > totalMinor &&
                    ` ${t('away.unseen', { money: format.money(atMostMinor, format.currency) })}`}
                  <span className="quiet block text-sm">
                    {t('away.sum', {
                      price: format.money(offer.priceMinor, format.currency),
                      way: units.about(offer.km, 'KILOMETRE'),
                      time: hours(offer.minutes),
                      days: offer.days,
                    })}
                  </span>
                </>
              )}
            </li>
          ))}
        </ul>
      )}
      {toSend && owns && <OfferForm projectId={projectId} sentOutId={row.id} />}
      {toSend && !s.blockedBy && <SendForm sentOut={s} />}
      {(row.state === 'AWAY' || (row.state === 'BACK' && s.missing > 0)) && <BackForm sentOut={s} />}
    </Part>
  )
}
