import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { TextField } from '@/ui/form/Field'
import { useAmounts } from '@/ui/format/amounts'
import { useFormat } from '@/ui/format/format'
import { useAmountProblem } from '@/ui/format/money'
import { factsOf } from '../delivery/facts'
import { MatchTicks } from '../delivery/MatchTicks'
import type { Bought } from './useBought'

/** One thing to look for: how to tell the right one, what it may cost; once it is bought, what it cost. */
export function MarketLine({
  need: n,
  mostMinor,
  bought,
  onTick,
  onChange,
}: {
  need: Schemas['Need']
  mostMinor: number | undefined
  bought: Bought | undefined
  onTick: (yes: boolean) => void
  onChange: (more: Partial<Bought>) => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const amount = useAmounts()
  const problem = useAmountProblem()
  return (
    <li className="break-inside-avoid border-b border-base-300 py-2">
      <label className="flex min-h-11 items-center gap-3">
        <input
          type="checkbox"
          className="checkbox checkbox-lg shrink-0"
          aria-label={t('market.bought', { what: n.title })}
          checked={!!bought}
          onChange={(e) => onTick(e.target.checked)}
        />
        <span className="grow">
          <span className="font-semibold">{n.title}</span>
          {n.side !== 'NONE' && `, ${t(`side.${n.side}`)}`}
        </span>
        <span className="whitespace-nowrap">{amount(n)}</span>
        {mostMinor !== undefined && (
          <span className="quiet text-sm whitespace-nowrap">
            {t('market.most', { money: format.money(mostMinor, format.currency) })}
          </span>
        )}
      </label>
      {!bought && factsOf(n).length > 0 && (
        <p className="ml-9 text-sm whitespace-pre-line">
          {t('market.comparedOn')} {factsOf(n).join('; ')}
        </p>
      )}
      {bought && (
        <div className="ml-9 grid max-w-sm gap-2">
          <MatchTicks need={n} seen={bought.matched} onSeen={(matched) => onChange({ matched })} />
          <TextField
            label={t('market.paid', { currency: format.currency })}
            inputMode="decimal"
            value={bought.paid}
            error={bought.paid === '' ? undefined : problem(bought.paid, format.currency)}
            onChange={(e) => onChange({ paid: e.target.value })}
          />
        </div>
      )}
    </li>
  )
}
