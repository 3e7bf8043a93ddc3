import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { BudgetForm } from './BudgetForm'
import { useGroupName } from './useGroupName'

type Groups = Schemas['GroupsResponse']
type Group = Groups['groups'][number]

/** What each group may cost against what it has cost and will. */
export function Budgets({ projectId, budgets: b }: { projectId: string; budgets: Groups }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [setting, setSetting] = useState<string>()
  const money = (minor: number) => format.money(minor, b.currency)
  const given = b.groups.some((g) => g.budgetMinor !== undefined)
  if (b.groups.length === 0) return null
  return (
    <Part title={t('totals.budgets')}>
      <p className="quiet mb-2 text-sm">
        {t('totals.budgetsHint')}{' '}
        {given &&
          b.projectBudgetMinor > 0 &&
          t(b.freeMinor >= 0 ? 'totals.free' : 'totals.tooMuch', {
            money: money(Math.abs(b.freeMinor)),
            budget: money(b.projectBudgetMinor),
          })}
      </p>
      <ul>
        {b.groups.map((g) => (
          <li key={g.group} className="border-b border-base-300 py-1.5">
            <Row
              group={g}
              money={money}
              open={setting === g.group}
              onSet={() => setSetting(setting === g.group ? undefined : g.group)}
            />
            {setting === g.group && (
              <BudgetForm projectId={projectId} group={g} currency={b.currency} onDone={() => setSetting(undefined)} />
            )}
          </li>
        ))}
      </ul>
    </Part>
  )
}

function Row({
  group: g,
  money,
  open,
  onSet,
}: {
  group: Group
  money: (minor: number) => string
  open: boolean
  onSet: () => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const name = useGroupName('SYSTEM')({ key: g.group })
  const figures = [
    [t('totals.spent'), g.position.spent],
    [t('totals.ordered'), g.position.orderedNotPaid],
    [t('totals.toOrder'), g.position.toOrder],
    [t('totals.agreed'), g.position.agreed],
  ] as const
  const over = g.budgetMinor !== undefined && g.leftMinor < 0
  return (
    <>
      <div className="flex items-baseline justify-between gap-4">
        <span className="font-semibold">
          {name} {g.safety && <span className="quiet text-sm font-normal">· {t('totals.safety')}</span>}
        </span>
        <span className="whitespace-nowrap">
          {g.budgetMinor === undefined
            ? g.committedMinor !== 0 && money(g.committedMinor)
            : `${money(g.committedMinor)} / ${money(g.budgetMinor)}`}{' '}
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            aria-expanded={open}
            aria-label={t('actOn', { act: t('totals.set'), what: name })}
            onClick={onSet}
          >
            {t('totals.set')}
          </button>
        </span>
      </div>
      <p className="quiet text-sm">
        {figures
          .filter(([, minor]) => minor !== 0)
          .map(([says, minor]) => `${says} ${money(minor)}`)
          .join(' · ') || t('totals.notPriced')}
        {g.budgetMinor !== undefined && (
          <>
            {' · '}
            <span className={over ? 'font-semibold text-error' : ''}>
              {over
                ? t('totals.over', {
                    money: money(-g.leftMinor),
                    percent: (g.overBasisPoints / 100).toLocaleString(format.locale),
                  })
                : `${t('totals.left')} ${money(g.leftMinor)}`}
            </span>
          </>
        )}
      </p>
    </>
  )
}
