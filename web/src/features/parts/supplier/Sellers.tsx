import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { suppliersQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { Form } from '@/ui/form/Form'
import { Line } from '@/ui/form/named'
import { line } from '@/ui/form/rules'
import { useFields } from '@/ui/form/useFields'
import { Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { ListImport } from '../pricelist/ListImport'
import { listsQuery } from '../pricelist/queries'
import { ParcelForm } from './ParcelForm'
import { SellerSays } from './SellerSays'

/** Who parts come from, what they were like, and what a parcel of theirs costs. */
export function Sellers() {
  const { t } = useTranslation()
  const { data: sellers } = useQuery(suppliersQuery)
  if (!sellers || sellers.length === 0) return null
  return (
    <Part title={t('seller.title')}>
      <ul>
        {sellers.map((s) => (
          <SellerRow key={s.id} seller={s} />
        ))}
      </ul>
    </Part>
  )
}

function SellerRow({ seller: s }: { seller: Schemas['Supplier'] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const list = useQuery(listsQuery).data?.find((l) => l.supplierId === s.id)
  const [open, setOpen] = useState<'terms' | 'avoid' | 'list' | undefined>()
  const press = (what: 'terms' | 'avoid' | 'list') => () => setOpen(open === what ? undefined : what)
  const avoid = useWrite(
    (body: Schemas['AvoidRequest'], id) =>
      unwrap(api.PUT('/api/suppliers/{id}/avoid', { params: { path: { id: s.id } }, body, ...write(id) })),
    {
      said: (v) => t(v.avoid ? 'seller.isAvoided' : 'seller.isBack', { seller: s.name }),
      done: () => setOpen(undefined),
    },
  )
  return (
    <li className="border-b border-base-300 py-2 last:border-0">
      <p className="font-semibold">{s.name}</p>
      <SellerSays seller={s} />
      {list && (
        <p className="quiet text-sm">
          {t('priceList.has', { count: list.articles, date: format.shortDay(list.readOn) })}
        </p>
      )}
      <div className="mt-1 flex flex-wrap gap-2">
        <button
          type="button"
          className="btn btn-sm"
          aria-expanded={open === 'terms'}
          aria-label={t('actOn', { act: t('parcel.open'), what: s.name })}
          onClick={press('terms')}
        >
          {t('parcel.open')}
        </button>
        <button
          type="button"
          className="btn btn-sm"
          aria-label={t('actOn', { act: t('priceList.open'), what: s.name })}
          onClick={press('list')}
        >
          {t('priceList.open')}
        </button>
        {s.avoid ? (
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => avoid.mutate({ avoid: false, version: s.version })}
          >
            {t('seller.again')}
          </button>
        ) : (
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            aria-expanded={open === 'avoid'}
            onClick={press('avoid')}
          >
            {t('seller.avoid')}
          </button>
        )}
      </div>
      {open === 'list' && <ListImport seller={s} onClose={() => setOpen(undefined)} />}
      {open === 'terms' && <ParcelForm seller={s} onKept={() => setOpen(undefined)} />}
      {open === 'avoid' && (
        <AvoidForm save={avoid} onAvoid={(reason) => avoid.mutate({ avoid: true, reason, version: s.version })} />
      )}
    </li>
  )
}

function AvoidForm({ save, onAvoid }: { save: Parameters<typeof Form>[0]['save']; onAvoid: (reason: string) => void }) {
  const { t } = useTranslation()
  const form = useFields(z.object({ reason: line(t('form.missing')) }), { reason: '' })
  return (
    <Form form={form} save={save} label={t('seller.avoidIt')} aside onSubmit={(v) => onAvoid(v.reason)}>
      <Line name="reason" label={t('seller.avoidWhy')} />
    </Form>
  )
}
