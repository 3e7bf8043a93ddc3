import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Printer } from 'lucide-react'
import type { Schemas } from '@/api/client'
import { jobsQuery } from '@/api/queries'
import { Sheet } from '@/ui/form/Sheet'
import { useAmounts } from '@/ui/format/amounts'
import { groupBy } from '@/ui/format/groupBy'

type Need = Schemas['Need']

/** What lies ready, job by job, with the place to fetch it from: to print, and tick on the way. */
export function PickList({ projectId, needs, onClose }: { projectId: string; needs: Need[]; onClose: () => void }) {
  const { t } = useTranslation()
  const amount = useAmounts()
  const { data: work } = useQuery(jobsQuery(projectId))
  const jobOf = (id: string) => work?.jobs.find((j) => j.id === id)
  const byJob = [...groupBy(needs, (n) => n.jobId ?? '')].sort(([a], [b]) =>
    (jobOf(a)?.code ?? '').localeCompare(jobOf(b)?.code ?? ''),
  )
  return (
    <Sheet title={t('parts.pickTitle')} onClose={onClose}>
      {byJob.map(([jobId, its]) => (
        <section key={jobId} className="mb-4 break-inside-avoid">
          <h3 className="font-semibold">
            {jobOf(jobId) ? `${jobOf(jobId)!.code} ${jobOf(jobId)!.title}` : t('parts.noJob')}
          </h3>
          <ul>
            {its.map((n) => (
              <li key={n.id} className="flex items-baseline gap-3 border-b border-base-300 py-1.5">
                <span aria-hidden="true" className="size-4 shrink-0 self-center border border-base-content" />
                <span className="grow">
                  {n.title}
                  {n.side !== 'NONE' && `, ${t(`side.${n.side}`)}`}
                </span>
                <span>{amount(n)}</span>
                <span className="label-code text-sm">{n.placeCode}</span>
                <span className="quiet text-sm">{n.placeName}</span>
              </li>
            ))}
          </ul>
        </section>
      ))}
      <button type="button" className="btn no-print" onClick={() => window.print()}>
        <Printer className="size-5" aria-hidden="true" />
        {t('parts.pickPrint')}
      </button>
    </Sheet>
  )
}
