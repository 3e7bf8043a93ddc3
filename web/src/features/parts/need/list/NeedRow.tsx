import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { jobsQuery } from '@/api/queries'
import { useFormat } from '@/ui/format/format'
import { ChooseLine } from './ChooseLine'
import type { NeedLine } from './needLines'
import { Objections } from '../Objections'
import { Total } from './PooledNeed'

/** One part: what it is, what stands against it, and where it stands. */
export function NeedRow({
  line,
  warning,
  choosing,
  chosen,
  onChoose,
  onOpen,
}: {
  line: NeedLine
  /** What a sister variant has otherwise. */
  warning?: string | undefined
  choosing: boolean
  chosen: boolean
  onChoose: (yes: boolean) => void
  onOpen: (needId: string) => void
}) {
  const { t } = useTranslation()
  const format = useFormat()
  const n = line.needs[0]!
  const { projectId = '' } = useParams()
  const { data: work } = useQuery(jobsQuery(projectId))
  const job = work?.jobs.find((j) => j.id === n.jobId)
  return (
    <li className="flex items-center gap-2 border-b border-base-300 last:border-0">
      {choosing && <ChooseLine part={n.title} chosen={chosen} onChoose={onChoose} />}
      <button
        type="button"
        className="flex min-h-11 grow items-center gap-3 rounded px-1 py-2 text-left hover:bg-base-200"
        onClick={() => onOpen(n.id)}
      >
        <span className="grow">
          <span className="font-semibold">{n.title}</span> <Total line={line} />
          {n.side !== 'NONE' && ` · ${t(`side.${n.side}`)}`}
          {n.grade && n.gradeReason && (
            <span className="block text-sm">
              {t(`grade.${n.grade}`)}: {n.gradeReason}
            </span>
          )}
          {warning && <span className="block text-sm font-semibold">{t('parts.variant', { warning })}</span>}
          <Objections need={n} />
          <span className="quiet block text-sm">{job ? `${job.code} ${job.title}` : t('parts.noJob')}</span>
        </span>
        {n.placeCode && n.state === 'ACCEPTED' && <span className="label-code text-sm">{n.placeCode}</span>}
        {n.state === 'ORDERED' && n.expectedOn && (
          <span className="quiet whitespace-nowrap text-sm">{format.shortDay(n.expectedOn)}</span>
        )}
        {choosing && !!n.estimateMinor && (
          <span className="quiet whitespace-nowrap text-sm">
            {t('parts.about', { money: format.money(n.estimateMinor, format.currency) })}
          </span>
        )}
      </button>
    </li>
  )
}
