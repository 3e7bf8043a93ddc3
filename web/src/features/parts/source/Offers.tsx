import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { OfferForm } from './OfferForm'
import { OfferSum } from './OfferSum'
import { ParcelForm } from '../supplier/ParcelForm'
import { shoppingQuery, sourcesQuery } from './queries'
import { useSellers } from './useSellers'

/** What is offered for one part, the cheapest first once all is counted; what is not comparable comes last. */
export function Offers({ need }: { need: Schemas['Need'] }) {
  const { t } = useTranslation()
  const { projectId } = need
  const { data: sources } = useQuery(sourcesQuery(projectId))
  const { data: shopping } = useQuery(shoppingQuery(projectId))
  const [open, setOpen] = useState<'new' | Schemas['PartSource'] | undefined>()
  if (!sources) return null
  const worth = (id: string) => {
    const offer = shopping?.offers.find((o) => o.sourceId === id)
    return offer ? offer.landed.totalMinor! + offer.riskMinor! : Infinity
  }
  const mine = sources
    .filter((s) => s.holds.some((h) => h.needId === need.id))
    .sort((a, b) => worth(a.id) - worth(b.id))
  if (open)
    return <OfferForm need={need} {...(open !== 'new' && { source: open })} onClose={() => setOpen(undefined)} />
  return (
    <section>
      <h3 className="font-semibold">{t('offer.title')}</h3>
      {mine.length === 0 && <p className="quiet text-sm">{t('offer.none')}</p>}
      <ul>
        {mine.map((s) => (
          <OfferRow
            key={s.id}
            source={s}
            offer={shopping?.offers.find((o) => o.sourceId === s.id)}
            why={shopping?.leftOut.find((o) => o.sourceId === s.id)?.why}
            onChange={() => setOpen(s)}
          />
        ))}
      </ul>
      <button type="button" className="btn mt-2" onClick={() => setOpen('new')}>
        <Plus className="size-5" aria-hidden="true" />
        {t('offer.add')}
      </button>
    </section>
  )
}

function OfferRow({
  source: s,
  offer,
  why,
  onChange,
}: {
  source: Schemas['PartSource']
  offer: Schemas['PartOfferResponse'] | undefined
  why: Schemas['OfferLeftOut']['why'] | undefined
  onChange: () => void
}) {
  const { t } = useTranslation()
  const sellers = useSellers()
  const [terms, setTerms] = useState(false)
  const seller = sellers.of(s.supplierId)
  const remove = useWrite(
    (_: void, id) => unwrap(api.DELETE('/api/sources/{id}', { params: { path: { id: s.id } }, ...write(id) })),
    { said: () => t('offer.removed') },
  )
  return (
    <li className="border-b border-base-300 py-2 last:border-0">
      <p>
        <span className="font-semibold">{s.title}</span>{' '}
        <span className="quiet text-sm">
          {t(`supplyKind.${s.kind}`)}
          {seller && ` · ${seller.name}`}
        </span>
      </p>
      {offer ? (
        <OfferSum offer={offer} leadDays={s.leadDays} />
      ) : (
        why && <p className="text-sm">{t(`offer.leftOut.${why}`, { currency: sellers.currency(s.supplierId) })}</p>
      )}
      <div className="mt-1 flex flex-wrap gap-2">
        <button type="button" className="btn btn-sm" onClick={onChange}>
          {t('offer.change')}
        </button>
        {seller && (
          <button type="button" className="btn btn-sm" aria-expanded={terms} onClick={() => setTerms(!terms)}>
            {t('parcel.open')}
          </button>
        )}
        <button type="button" className="btn btn-ghost btn-sm" onClick={() => remove.mutate()}>
          {t('offer.remove')}
        </button>
      </div>
      {terms && seller && <ParcelForm seller={seller} onKept={() => setTerms(false)} />}
      <ProblemAlert error={remove.error} />
    </li>
  )
}
