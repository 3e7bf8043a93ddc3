import { useWatch } from 'react-hook-form'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { jobsQuery } from '@/api/queries'
import { Amount, Pick, Whole } from '@/ui/form/named'
import { minorText, parseMinor } from '@/ui/format/money'
import { shared } from './shared'

type GivenAwayFields = { jobId: string; days: string; costMinor: string }

/** All open jobs of one kind are given away at once: the welding, the paint. Days and price are shared out over them, and stay open to change. */
export function GiveAllAway({
  projectId,
  currency,
  onAdd,
}: {
  projectId: string
  currency: string
  onAdd: (more: GivenAwayFields[]) => void
}) {
  const { t } = useTranslation()
  const { data: work } = useQuery(jobsQuery(projectId))
  const rows = (useWatch({ name: 'givenAway' }) ?? []) as GivenAwayFields[]
  const kind = String(useWatch({ name: 'kind' }) ?? '')
  const days = String(useWatch({ name: 'allDays' }) ?? '')
  const price = String(useWatch({ name: 'allPrice' }) ?? '')
  const open = work?.jobs.filter((j) => !j.over && rows.every((r) => r.jobId !== j.id)) ?? []
  const kinds = [...new Set(open.map((j) => j.operation))]
    .filter((k) => open.filter((j) => j.operation === k).length > 1)
    .sort()
  const its = open.filter((j) => j.operation === kind)
  const add = () => {
    const minor = parseMinor(price, currency)
    const each = Math.ceil((Number(days) || its.length) / its.length)
    onAdd(
      its.map((j, i) => ({
        jobId: j.id,
        days: String(each),
        costMinor: minor === undefined ? '' : minorText(shared(minor, its.length)[i]!, currency),
      })),
    )
  }
  if (kinds.length === 0) return null
  return (
    <details>
      <summary className="cursor-pointer py-2 font-semibold">{t('way.allOf')}</summary>
      <div className="grid gap-2">
        <Pick name="kind" label={t('way.kind')} none="" of={kinds} say={(k) => t(`operation.${k}`)} />
        <div className="grid grid-cols-2 items-end gap-2">
          <Whole name="allDays" label={t('way.allDays')} />
          <Amount name="allPrice" label={t('way.allPrice', { currency })} currency={currency} />
        </div>
        <div>
          <button type="button" className="btn btn-sm" disabled={its.length === 0} onClick={add}>
            <Plus className="size-4" aria-hidden="true" />
            {t('way.addAll', { count: its.length })}
          </button>
        </div>
      </div>
    </details>
  )
}
