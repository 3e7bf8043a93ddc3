import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useAmounts } from '@/ui/format/amounts'
import { useFormat } from '@/ui/format/format'
import { useSellers } from '../source/useSellers'

type Basket = Schemas['BasketResponse']

/** What is ordered from one seller, as he offered it. */
export type Offered = {
  supplierId: string
  amounts: Record<string, number>
  /** By part: more in its packs than is needed. */
  spare: Record<string, number>
  postMinor: number
  leadDays: number
  /** Left for old parts, beside the prices. */
  depositMinor: number
}

type Props = {
  basket: Basket
  sameAs: Basket['kind'] | undefined
  sources: Schemas['PartSource'][]
  wants: Schemas['WantResponse'][]
  onOrder: (offered: Offered) => void
}

/** One way to buy it all: the sum, the date, and each parcel with its own press. */
export function BasketCard({ basket: b, sameAs, sources, wants, onOrder }: Props) {
  const { t } = useTranslation()
  const format = useFormat()
  const amount = useAmounts()
  const left = b.spare.map(({ wantId, quantity }) => {
    const want = wants.find((w) => w.id === wantId)!
    return `${amount({ quantity, unit: want.unit })} ${want.title}`
  })
  const money = (minor: number) => format.money(minor, format.currency)
  const sent = b.parcels.filter((p) => p.supplierId).length
  return (
    <section className="card-sheet p-3" aria-label={t(`basket.kind.${b.kind}`)}>
      <h3 className="font-semibold">{t(`basket.kind.${b.kind}`)}</h3>
      {sameAs ? (
        <p className="quiet">{t('basket.same', { kind: t(`basket.kind.${sameAs}`) })}</p>
      ) : (
        <>
          <p className="text-2xl font-semibold">{money(b.totalMinor! + b.riskMinor!)}</p>
          <p className="quiet text-sm">
            {t('basket.toPay', { money: money(b.totalMinor!) })}
            {!!b.riskMinor && t('basket.risk', { money: money(b.riskMinor) })}
            {!!b.depositMinor && t('basket.deposit', { money: money(b.depositMinor) })}
          </p>
          <p>
            {b.roadReadyOn ? t('basket.road', { date: format.dayAndYear(b.roadReadyOn) }) : t('basket.noRoad')},{' '}
            {b.lateDays > 0 ? t('basket.late', { count: b.lateDays }) : t('basket.inTime')},{' '}
            {sent === 0 ? t('basket.home') : t('basket.parcels', { count: sent })}.
          </p>
          {left.length > 0 && <p className="text-sm">{t('basket.left', { what: left.join(', ') })}</p>}
          {!!b.mayBeDearerByMinor && (
            <p className="text-sm">{t('basket.cutShort', { money: money(b.mayBeDearerByMinor) })}</p>
          )}
          <details open={b.kind === 'CHEAPEST'}>
            <summary className="cursor-pointer py-2 text-sm font-semibold">{t('basket.what')}</summary>
            <ul>
              {b.parcels.map((p) => (
                <ParcelRow key={p.supplierId ?? 'home'} parcel={p} basket={b} sources={sources} onOrder={onOrder} />
              ))}
            </ul>
          </details>
        </>
      )}
    </section>
  )
}

function ParcelRow({
  parcel: p,
  basket,
  sources,
  onOrder,
}: {
  parcel: Schemas['ParcelResponse']
  basket: Basket
  sources: Schemas['PartSource'][]
  onOrder: (offered: Offered) => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const sellers = useSellers()
  const his = basket.picks
    .map((pick) => ({ pick, source: sources.find((s) => s.id === pick.sourceId)! }))
    .filter(({ source }) => source.supplierId === p.supplierId)
  const seller = sellers.name(p.supplierId)
  return (
    <li className="mt-2 border-t border-base-300 pt-2">
      <p className="font-semibold">
        {t('basket.from', { seller, money: format.money(p.totalMinor!, format.currency) })}
      </p>
      <ul className="quiet text-sm">
        {his.map(({ pick, source }) => (
          <li key={source.id}>
            {pick.count > 1 && `${pick.count} × `}
            {source.title}
          </li>
        ))}
        {!!p.postMinor && <li>{t('offer.post', { money: format.money(p.postMinor, format.currency) })}</li>}
        {!!p.dutyMinor && <li>{t('offer.duty', { money: format.money(p.dutyMinor, format.currency) })}</li>}
        {!!p.taxMinor && <li>{t('offer.tax', { money: format.money(p.taxMinor, format.currency) })}</li>}
      </ul>
      {p.supplierId && (
        <button
          type="button"
          className="btn btn-outline btn-sm mt-1"
          onClick={() =>
            onOrder({
              supplierId: p.supplierId!,
              amounts: amountsOf(his.flatMap(({ pick }) => pick.parts)),
              spare: Object.fromEntries(
                basket.spare
                  .filter((s) => his.some(({ pick }) => pick.parts.some((part) => part.needId === s.wantId)))
                  .map((s) => [s.wantId, s.quantity]),
              ),
              postMinor: p.postMinor ? sellers.of(p.supplierId)!.postMinor! : 0,
              leadDays: Math.max(...his.map(({ source }) => source.leadDays)),
              depositMinor: his.reduce((sum, { pick, source }) => sum + pick.count * source.depositMinor!, 0),
            })
          }
        >
          {t('basket.order', { seller })}
        </button>
      )}
    </li>
  )
}

/** What stands in the order for each part, in the seller's currency; one part may come in two offers. */
function amountsOf(parts: Schemas['PickedResponse'][]): Record<string, number> {
  const amounts: Record<string, number> = {}
  for (const { needId, amountMinor } of parts) amounts[needId] = (amounts[needId] ?? 0) + amountMinor!
  return amounts
}
