import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { ProblemAlert } from '@/ui/page/Feedback'
import { Part } from '@/ui/page/Page'
import { shoppingQuery, sourcesQuery } from '../source/queries'
import { BasketCard, type Offered } from './BasketCard'

type Props = { projectId: string; onOrder: (offered: Offered) => void }

/** Three ways to buy what is open, beside each other: what each costs, in how many parcels, and when the road is reached with it. */
export function Baskets({ projectId, onOrder }: Props) {
  const { t } = useTranslation()
  const { data: shopping, error } = useQuery(shoppingQuery(projectId))
  const { data: sources } = useQuery(sourcesQuery(projectId))
  if (error) return <ProblemAlert error={error} />
  if (!shopping || !sources || shopping.baskets.length === 0) return null
  const { baskets, wants } = shopping
  const without = baskets[0]!.without.length
  return (
    <Part title={t('basket.title')}>
      <p className="mb-2">{t('basket.covers', { offered: wants.length - without, wanted: wants.length })}</p>
      <div className="grid items-start gap-3 md:grid-cols-3">
        {baskets.map((b, i) => (
          <BasketCard
            key={b.kind}
            basket={b}
            sameAs={baskets.slice(0, i).find((other) => isSame(other, b))?.kind}
            sources={sources}
            wants={wants}
            onOrder={onOrder}
          />
        ))}
      </div>
      {shopping.hourMinor === 0 && <p className="quiet mt-2 text-sm">{t('basket.hour')}</p>}
    </Part>
  )
}

const isSame = (a: Schemas['BasketResponse'], b: Schemas['BasketResponse']) =>
  JSON.stringify(a.picks) === JSON.stringify(b.picks)
