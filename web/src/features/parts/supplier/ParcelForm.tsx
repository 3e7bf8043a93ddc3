import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Amount, Decimal, Whole } from '@/ui/form/named'
import { number, orNothing, useAmountRule, whole } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { useFormat } from '@/ui/format/format'
import { minorText } from '@/ui/format/money'

const PER_CENT = 10

/** What one parcel from a seller costs: post, from where on it is free, duty and tax, the rate of the currency; and how long it goes back. */
export function ParcelForm({ seller: s, onKept }: { seller: Schemas['Supplier']; onKept: () => void }) {
  const { t } = useTranslation()
  const format = useFormat()
  const amount = useAmountRule()(s.currency)
  const percent = orNothing(number(t('parcel.percentWrong'), { min: 0, max: 100 }))
  const foreign = s.currency !== format.currency
  const typed = (minor: number | undefined) => (minor ? minorText(minor, s.currency) : '')
  const form = useFields(
    z.object({
      returnDays: orNothing(whole(t('parcel.returnDaysWrong'), { min: 0, max: 365 })),
      post: orNothing(amount),
      freeFrom: orNothing(amount),
      duty: percent,
      tax: percent,
      rate: orNothing(number(t('parts.rateWrong', { currency: s.currency, base: format.currency }), { min: 0 })),
    }),
    {
      returnDays: s.returnDays === undefined ? '' : String(s.returnDays),
      post: typed(s.postMinor),
      freeFrom: typed(s.freeFromMinor),
      duty: s.dutyPerMille ? String(s.dutyPerMille / PER_CENT) : '',
      tax: s.taxPerMille ? String(s.taxPerMille / PER_CENT) : '',
      rate: s.rate ? String(s.rate) : '',
    },
  )
  const save = useWrite(
    (body: Schemas['ParcelRequest'], id) =>
      unwrap(api.PUT('/api/suppliers/{id}/parcel', { params: { path: { id: s.id } }, body, ...write(id) })),
    { said: () => t('parcel.kept', { seller: s.name }), done: onKept },
  )
  return (
    <Form
      form={form}
      save={save}
      aside
      label={t('save')}
      aria-label={t('parcel.title', { seller: s.name })}
      className="mt-2 rounded border border-base-300 p-3"
      onSubmit={(v) =>
        save.mutate({
          postMinor: v.post ?? 0,
          ...(v.freeFrom !== undefined && { freeFromMinor: v.freeFrom }),
          dutyPerMille: Math.round((v.duty ?? 0) * PER_CENT),
          taxPerMille: Math.round((v.tax ?? 0) * PER_CENT),
          ...(v.returnDays !== undefined && { returnDays: v.returnDays }),
          ...(foreign && v.rate !== undefined && { rate: v.rate }),
          version: s.version,
        })
      }
    >
      <p className="font-semibold">{t('parcel.title', { seller: s.name })}</p>
      <div className="grid grid-cols-2 gap-3">
        <Amount name="post" label={t('parcel.post', { currency: s.currency })} currency={s.currency} />
        <Amount
          name="freeFrom"
          label={t('parcel.freeFrom', { currency: s.currency })}
          hint={t('parcel.freeFromHint')}
          currency={s.currency}
        />
        <Decimal name="duty" label={t('parcel.duty')} />
        <Decimal name="tax" label={t('parcel.tax')} />
        <Whole name="returnDays" label={t('parcel.returnDays')} hint={t('parcel.returnDaysHint')} />
        {foreign && <Decimal name="rate" label={t('parts.rate', { currency: s.currency, base: format.currency })} />}
      </div>
    </Form>
  )
}
