import { useTranslation } from 'react-i18next'
import { useRole } from '@/api/useRole'
import { TextField } from '@/ui/form/Field'
import { useAmounts } from '@/ui/format/amounts'
import { useFormat } from '@/ui/format/format'
import { useAmountProblem } from '@/ui/format/money'
import { factsOf } from '../delivery/facts'
import { MatchTicks } from '../delivery/MatchTicks'
import type { NeedLine } from '../need/list/needLines'
import type { Bought } from './useBought'

/** One thing to look for: how to tell the right one, what it may cost; once it is bought, what it cost. */
export function MarketLine({
  line,
  mostMinor,
  bought,
  onTick,
  onChange,
}: {
  line: NeedLine
  mostMinor: number | undefined
  bought: Bought | undefined
  onTick: (yes: boolean) => void
  onChange: (more: Partial<Bought>) => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const amount = useAmounts()
  const problem = useAmountProblem()
  const { owns } = useRole()
  const n = line.needs[0]!
  const facts = [...new Set(line.needs.flatMap(factsOf))]
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
        <span className="whitespace-nowrap">{amount(line.total)}</span>
        {mostMinor !== undefined && (
          <span className="quiet text-sm whitespace-nowrap">
            {t('market.most', { money: format.money(mostMinor, format.currency) })}
          </span>
        )}
      </label>
      {!bought && facts.length > 0 && (
        <p className="ml-9 text-sm whitespace-pre-line">
          {t('market.comparedOn')} {facts.join('; ')}
        </p>
      )}
      {bought && (
        <div className="ml-9 grid max-w-sm gap-2">
          <MatchTicks
            need={{ mustMatch: facts.join('\n') }}
            seen={bought.matched}
            onSeen={(matched) => onChange({ matched })}
          />
          {owns && (
            <TextField
              label={t('market.paid', { currency: format.currency })}
              inputMode="decimal"
              value={bought.paid}
              error={bought.paid === '' ? undefined : problem(bought.paid, format.currency)}
              onChange={(e) => onChange({ paid: e.target.value })}
            />
          )}
        </div>
      )}
    </li>
  )
}
