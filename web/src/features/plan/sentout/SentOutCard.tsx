import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useRole } from '@/api/useRole'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { Part } from '@/ui/page/Page'
import { hours, useFormat } from '@/ui/format/format'
import { OfferForm } from './OfferForm'

export type SentOut = Schemas['SentOutResponse']

/** One send-out: what goes, what stands in the way, who does it for how much, and the next step. */
export function SentOutCard({ projectId, sentOut: s }: { projectId: string; sentOut: SentOut }) {
  const { t } = useTranslation()
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
      {row.mask.length > 0 && toSend && <p>{t('away.mask', { list: row.mask.join(', ') })}</p>}
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
                t('away.withoutPrice', { km: offer.km, time: hours(offer.minutes), days: offer.days })
              ) : (
                <>
                  {format.money(totalMinor, format.currency)}
                  {atMostMinor > totalMinor &&
                    ` ${t('away.unseen', { money: format.money(atMostMinor, format.currency) })}`}
                  <span className="quiet block text-sm">
                    {t('away.sum', {
                      price: format.money(offer.priceMinor, format.currency),
                      km: offer.km,
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
      {toSend && !s.blockedBy && <Send sentOut={s} />}
      {(row.state === 'AWAY' || (row.state === 'BACK' && s.missing > 0)) && <Back sentOut={s} />}
    </Part>
  )
}

function Send({ sentOut: { row, offers } }: { sentOut: SentOut }) {
  const { t } = useTranslation()
  const best = offers.find((o) => !o.offer.refused)?.offer
  const [carrier, setCarrier] = useState(best?.carrier ?? '')
  const [expectedOn, setExpectedOn] = useState('')
  const send = useWrite(
    (body: Schemas['SendRequest'], id) =>
      unwrap(api.POST('/api/sent-out/{id}/send', { params: { path: { id: row.id } }, body, ...write(id) })),
    { said: () => t('away.sent', { what: row.title }) },
  )
  return (
    <form
      className="flex flex-wrap items-end gap-2"
      onSubmit={(e) => {
        e.preventDefault()
        send.mutate({ carrier, expectedOn, version: row.version })
      }}
    >
      <TextField label={t('away.to')} value={carrier} maxLength={120} onChange={(e) => setCarrier(e.target.value)} />
      <TextField
        label={t('away.backOn')}
        type="date"
        value={expectedOn}
        onChange={(e) => setExpectedOn(e.target.value)}
      />
      <button
        type="submit"
        className="btn btn-primary"
        disabled={carrier.trim() === '' || expectedOn === '' || send.isPending}
      >
        {t('away.send')}
      </button>
      <ProblemAlert error={send.error} />
    </form>
  )
}

function Back({ sentOut: { row } }: { sentOut: SentOut }) {
  const { t } = useTranslation()
  const [count, setCount] = useState('')
  const [note, setNote] = useState('')
  const path = { params: { path: { id: row.id } } }
  const back = useWrite(
    (body: Schemas['BackRequest'], id) => unwrap(api.POST('/api/sent-out/{id}/back', { ...path, body, ...write(id) })),
    { said: () => t('away.counted') },
  )
  const refused = useWrite(
    (body: Schemas['RefusedRequest'], id) =>
      unwrap(api.POST('/api/sent-out/{id}/refused', { ...path, body, ...write(id) })),
    { said: () => t('away.refusedKept') },
  )
  const short = count !== '' && Number(count) < row.pieces
  return (
    <div className="grid gap-2">
      <form
        className="flex flex-wrap items-end gap-2"
        onSubmit={(e) => {
          e.preventDefault()
          back.mutate({ piecesBack: Number(count), note, version: row.version })
        }}
      >
        <TextField
          label={t('away.count', { count: row.pieces })}
          inputMode="numeric"
          value={count}
          onChange={(e) => setCount(e.target.value.replace(/\D/g, ''))}
        />
        <TextField
          label={t(short ? 'away.whereMissing' : 'away.reasonOrNote')}
          value={note}
          maxLength={120}
          onChange={(e) => setNote(e.target.value)}
        />
        <button type="submit" className="btn btn-primary" disabled={count === '' || back.isPending}>
          {t('away.back')}
        </button>
        {row.state === 'AWAY' && (
          <button
            type="button"
            className="btn"
            disabled={note.trim() === '' || refused.isPending}
            onClick={() => refused.mutate({ reason: note, version: row.version })}
          >
            {t('away.gaveUp')}
          </button>
        )}
      </form>
      <ProblemAlert error={back.error ?? refused.error} />
    </div>
  )
}
