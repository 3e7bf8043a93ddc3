import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { AmountField, amountOf } from '@/ui/form/AmountField'
import { ProblemAlert } from '@/ui/page/Feedback'
import { TextField } from '@/ui/form/Field'
import { minutesOf, useFormat } from '@/ui/format/format'
import { useFreshId } from '@/ui/form/useFreshId'

const empty = { carrier: '', price: '', km: '', hours: '', days: '', refused: '' }

/** What somebody would do it for, or why he would not. */
export function OfferForm({ projectId, sentOutId }: { projectId: string; sentOutId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [fresh, renew] = useFreshId()
  const [v, setV] = useState(empty)
  const [seen, setSeen] = useState(true)
  const put = (key: keyof typeof v) => (e: { target: { value: string } }) => setV({ ...v, [key]: e.target.value })
  const price = v.price.trim() === '' ? 0 : amountOf(v.price, format.currency)
  const minutes = v.hours.trim() === '' ? 0 : minutesOf(v.hours)
  const whole = (text: string) => Math.max(0, Math.trunc(Number(text)) || 0)
  const add = useWrite(
    (body: Schemas['NewOfferRequest'], id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/sent-out/{id}/offers', {
          params: { path: { projectId, id: sentOutId } },
          body,
          ...write(id),
        }),
      ),
    {
      said: () => t('away.offerKept'),
      done: () => {
        renew()
        setV(empty)
      },
    },
  )
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('away.addOffer')}</summary>
      <form
        className="grid grid-cols-2 gap-2"
        onSubmit={(e) => {
          e.preventDefault()
          if (price === undefined || minutes === undefined) return
          add.mutate({
            id: fresh,
            carrier: v.carrier,
            priceMinor: price,
            km: whole(v.km),
            minutes,
            days: whole(v.days),
            seen,
            ...(v.refused.trim() && { refused: v.refused }),
          })
        }}
      >
        <TextField label={t('away.carrier')} value={v.carrier} maxLength={120} onChange={put('carrier')} />
        <AmountField
          label={t('away.price')}
          value={v.price}
          currency={format.currency}
          onChange={(typed) => setV({ ...v, price: typed })}
        />
        <TextField label={t('away.km')} inputMode="numeric" value={v.km} onChange={put('km')} />
        <TextField label={t('away.hours')} inputMode="decimal" value={v.hours} onChange={put('hours')} />
        <TextField label={t('away.itsDays')} inputMode="numeric" value={v.days} onChange={put('days')} />
        <TextField label={t('away.refusedWhy')} value={v.refused} maxLength={120} onChange={put('refused')} />
        <label className="col-span-2 flex min-h-11 items-center gap-2">
          <input type="checkbox" className="checkbox" checked={seen} onChange={(e) => setSeen(e.target.checked)} />
          {t('away.seen')}
        </label>
        <div className="col-span-2">
          <ProblemAlert error={add.error} />
          <button type="submit" className="btn" disabled={v.carrier.trim() === '' || add.isPending}>
            {t('away.keepOffer')}
          </button>
        </div>
      </form>
    </details>
  )
}
