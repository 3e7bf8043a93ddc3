import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Trash2 } from 'lucide-react'
import { api, unwrap, type Schemas } from '@/api/client'
import { jobsQuery } from '@/api/queries'
import { useFormat } from '@/ui/format/format'
import { minorText, parseMinor } from '@/ui/format/money'

export type SplitDraft = { to: string; amount: string }
type Split = Schemas['SplitFields']
type Destination = Split['destination']

const destinations: Destination[] = ['VEHICLE', 'TOOLS', 'DONOR', 'STOCK', 'GENERAL', 'RATE_DIFFERENCE', 'UNASSIGNED']
const isDestination = (to: string): to is Destination => (destinations as string[]).includes(to)

/** Shares as they are sent; undefined where an amount cannot be read. */
export function splitsOf(drafts: SplitDraft[], base: string): Split[] | undefined {
  const splits: Split[] = []
  for (const d of drafts) {
    const baseMinor = parseMinor(d.amount, base)
    if (baseMinor === undefined) return undefined
    splits.push(isDestination(d.to) ? { destination: d.to, baseMinor } : { destination: 'JOB', jobId: d.to, baseMinor })
  }
  return splits
}

/** What is still to be shared out; 0 when the shares come to the amount. */
export function restOf(drafts: SplitDraft[], total: number, base: string): number {
  return total - drafts.reduce((sum, d) => sum + (parseMinor(d.amount, base) ?? 0), 0)
}

type Props = {
  projectId: string
  base: string
  total: number | undefined
  splits: SplitDraft[] | undefined
  onChange: (splits: SplitDraft[] | undefined) => void
  proposal?: { orderId: string; amountMinor: number; rate: number }
}

/** The amount shared out over jobs and other ends, to the cent. */
export function SplitFields({ projectId, base, total, splits, onChange, proposal }: Props) {
  const { t } = useTranslation()
  const format = useFormat()
  const { data: work } = useQuery(jobsQuery(projectId))
  const proposed = useQuery({
    queryKey: ['invoice-shares', proposal],
    enabled: !!proposal,
    queryFn: () =>
      unwrap(
        api.GET('/api/orders/{orderId}/invoice-shares', {
          params: {
            path: { orderId: proposal!.orderId },
            query: { amountMinor: proposal!.amountMinor, rate: proposal!.rate },
          },
        }),
      ),
  })
  const asDrafts = (list: Split[]): SplitDraft[] =>
    list.map((s) => ({ to: s.jobId ?? s.destination, amount: minorText(s.baseMinor, base) }))
  const shown =
    splits ??
    (proposed.data
      ? asDrafts(proposed.data)
      : [{ to: 'UNASSIGNED', amount: total === undefined ? '' : minorText(total, base) }])
  const rest = total === undefined ? 0 : restOf(shown, total, base)
  const put = (i: number, change: Partial<SplitDraft>) =>
    onChange(shown.map((s, j) => (i === j ? { ...s, ...change } : s)))
  return (
    <fieldset className="card-sheet grid gap-2 p-3">
      <legend className="sr-only">{t('money.shares')}</legend>
      <p className="font-semibold">{t('money.shares')}</p>
      {!splits && proposed.data && <p className="quiet text-sm">{t('money.sharesProposed')}</p>}
      {shown.map((s, i) => (
        <div key={i} className="flex items-center gap-2">
          <select
            className="select grow"
            aria-label={t('money.shareTo', { number: i + 1 })}
            value={s.to}
            onChange={(e) => put(i, { to: e.target.value })}
          >
            {destinations.map((d) => (
              <option key={d} value={d}>
                {t(`destination.${d}`)}
              </option>
            ))}
            {work?.jobs.map((j) => (
              <option key={j.id} value={j.id}>
                {j.code} {j.title}
              </option>
            ))}
          </select>
          <input
            className="input w-28 text-right"
            inputMode="decimal"
            aria-label={t('money.shareAmount', { number: i + 1 })}
            value={s.amount}
            onChange={(e) => put(i, { amount: e.target.value })}
          />
          <button
            type="button"
            className="btn btn-square btn-ghost"
            aria-label={t('money.removeShare', { number: i + 1 })}
            disabled={shown.length === 1}
            onClick={() => onChange(shown.filter((_, j) => j !== i))}
          >
            <Trash2 className="size-4" aria-hidden="true" />
          </button>
        </div>
      ))}
      <div className="flex flex-wrap items-center gap-2">
        <button
          type="button"
          className="btn btn-sm"
          onClick={() => onChange([...shown, { to: 'UNASSIGNED', amount: minorText(Math.max(0, rest), base) }])}
        >
          {t('money.addShare')}
        </button>
        {rest !== 0 && total !== undefined && (
          <>
            <span role="status" className="text-sm font-semibold text-error">
              {t(rest > 0 ? 'money.restMissing' : 'money.restTooMuch', { money: format.money(Math.abs(rest), base) })}
            </span>
            <button
              type="button"
              className="btn btn-sm"
              onClick={() =>
                put(shown.length - 1, { amount: minorText((parseMinor(shown.at(-1)!.amount, base) ?? 0) + rest, base) })
              }
            >
              {t('money.spreadRest')}
            </button>
          </>
        )}
      </div>
    </fieldset>
  )
}
