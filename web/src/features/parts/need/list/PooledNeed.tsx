import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { consumablesQuery, jobsQuery } from '@/api/queries'
import { packsFor, useAmounts } from '@/ui/format/amounts'
import { ChooseLine } from './ChooseLine'
import type { NeedLine } from './needLines'
import { Objections } from '../Objections'

type Props = {
  projectId: string
  line: NeedLine
  choosing: boolean
  chosen: boolean
  onChoose: (yes: boolean) => void
  onOpen: (needId: string) => void
}

/** One line for what several jobs take of the same thing: bought together, counted in packs where it comes in packs. */
export function PooledNeed({ projectId, line, choosing, chosen, onChoose, onOpen }: Props) {
  const { t } = useTranslation()
  const amount = useAmounts()
  const { data: work } = useQuery(jobsQuery(projectId))
  const first = line.needs[0]!
  const jobOf = (n: Schemas['Need']) => work?.jobs.find((j) => j.id === n.jobId)
  return (
    <li className="flex items-start gap-2 border-b border-base-300 py-2 last:border-0">
      {choosing && <ChooseLine part={first.title} chosen={chosen} onChoose={onChoose} />}
      <details className="grow px-1">
        <summary className="cursor-pointer">
          <span className="font-semibold">{first.title}</span> <Total line={line} />
          <Objections need={first} />
          <span className="quiet block text-sm">{t('parts.forJobs', { count: line.needs.length })}</span>
        </summary>
        <ul aria-label={t('parts.together')}>
          {line.needs.map((n) => (
            <li key={n.id}>
              <button
                type="button"
                className="flex min-h-11 w-full items-center gap-3 rounded px-1 text-left hover:bg-base-200"
                onClick={() => onOpen(n.id)}
              >
                <span className="w-16 shrink-0">{amount(n)}</span>
                <span className="quiet text-sm">
                  {jobOf(n) ? `${jobOf(n)!.code} ${jobOf(n)!.title}` : t('parts.noJob')}
                </span>
              </button>
            </li>
          ))}
        </ul>
      </details>
    </li>
  )
}

/** How much in all, and in how many packs. */
export function Total({ line }: { line: NeedLine }) {
  const { t } = useTranslation()
  const amount = useAmounts()
  const { data: consumables } = useQuery(consumablesQuery)
  const { quantity, unit } = line.total
  const pack = consumables?.find((c) => c.id === line.needs[0]!.item)?.pack
  if (unit === 'PIECE' && quantity === 1) return null
  return (
    <>
      {unit === 'PIECE' ? `× ${quantity}` : amount(line.total)}
      {pack !== undefined && pack > 1 && (
        <span className="quiet text-sm">
          {' '}
          {t('parts.packs', { count: packsFor(quantity, pack), pack: amount({ quantity: pack, unit }) })}
        </span>
      )}
    </>
  )
}
