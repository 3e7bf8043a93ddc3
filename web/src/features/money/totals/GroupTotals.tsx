import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Choice, TextField } from '@/ui/form/Field'
import { filled } from '@/ui/form/rules'
import { Loaded } from '@/ui/page/Feedback'
import { Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { TotalCheck } from './TotalCheck'
import { totalsQuery, type Asked, type GroupedBy, type Totals } from './queries'
import { useGroupName } from './useGroupName'

const ways = ['SYSTEM', 'JOB', 'PHASE', 'STANDARD', 'SELLER', 'YEAR', 'KIND'] as const

/** What was booked in a stretch of time, by group: opening and groups are closing. */
export function GroupTotals({ projectId, currency }: { projectId: string; currency: string }) {
  const { t } = useTranslation()
  const [asked, setAsked] = useState<Asked>({ by: 'SYSTEM' })
  const totals = useQuery({ ...totalsQuery(projectId, asked), placeholderData: (before) => before })
  const day = (key: 'from' | 'to', value: string) => setAsked(filled({ ...asked, [key]: value }) as Asked)
  return (
    <Part title={t('totals.added')}>
      <div className="mb-3 grid grid-cols-2 items-end gap-3 sm:grid-cols-3">
        <Choice
          label={t('totals.by')}
          value={asked.by}
          onChange={(e) => setAsked({ ...asked, by: e.target.value as GroupedBy })}
        >
          {ways.map((by) => (
            <option key={by} value={by}>
              {t(`totals.bys.${by}`)}
            </option>
          ))}
        </Choice>
        <TextField
          label={t('totals.from')}
          type="date"
          value={asked.from ?? ''}
          onChange={(e) => day('from', e.target.value)}
        />
        <TextField
          label={t('totals.to')}
          type="date"
          value={asked.to ?? ''}
          onChange={(e) => day('to', e.target.value)}
        />
      </div>
      <Loaded query={totals} what={t('totals.loading')}>
        {(all) => <Groups projectId={projectId} totals={all} currency={currency} />}
      </Loaded>
    </Part>
  )
}

function Groups({ projectId, totals, currency }: { projectId: string; totals: Totals; currency: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const nameOf = useGroupName(totals.by)
  const [checking, setChecking] = useState<string>()
  const most = Math.max(1, ...totals.groups.map((g) => g.baseMinor))
  const money = (minor: number) => format.money(minor, currency)
  return (
    <ul>
      {totals.openingMinor !== 0 && (
        <Edge says={t('totals.opening', { day: format.dayAndYear(totals.from) })} amount={money(totals.openingMinor)} />
      )}
      {totals.groups.map((g) => (
        <li key={g.key} className="border-b border-base-300 py-1.5">
          <div className="flex items-baseline justify-between gap-4">
            {g.jobId ? (
              <Link className="link" to={`/p/${projectId}/work?job=${g.jobId}`}>
                {nameOf(g)}
              </Link>
            ) : (
              <span>{nameOf(g)}</span>
            )}
            <span className="whitespace-nowrap">
              {money(g.baseMinor)}{' '}
              <button
                type="button"
                className="btn btn-ghost btn-sm"
                aria-expanded={checking === g.key}
                aria-label={t('actOn', { act: t('totals.check'), what: nameOf(g) })}
                onClick={() => setChecking(checking === g.key ? undefined : g.key)}
              >
                {t('totals.check')}
              </button>
            </span>
          </div>
          <div className="h-1.5 bg-base-200" aria-hidden="true">
            <div className="h-full bg-primary" style={{ width: `${(Math.max(0, g.baseMinor) / most) * 100}%` }} />
          </div>
          {checking === g.key && (
            <TotalCheck
              projectId={projectId}
              label={t('totals.typed', { currency })}
              currency={currency}
              asked={{ by: totals.by, from: totals.from, to: totals.to }}
              group={g.key}
            />
          )}
        </li>
      ))}
      <Edge
        says={t('totals.closing', { day: format.dayAndYear(totals.to) })}
        amount={money(totals.closingMinor)}
        strong
      />
    </ul>
  )
}

function Edge({ says, amount, strong }: { says: string; amount: string; strong?: boolean }) {
  return (
    <li className={`flex justify-between gap-4 border-b border-base-300 py-1.5 ${strong ? 'font-bold' : 'quiet'}`}>
      <span>{says}</span>
      <span className="whitespace-nowrap">{amount}</span>
    </li>
  )
}
