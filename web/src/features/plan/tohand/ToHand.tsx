import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { Link } from 'react-router'
import { Check } from 'lucide-react'
import { api, unwrap } from '@/api/client'
import { roadQuery } from '@/api/queries'
import type { Job } from '../job/jobWork'
import { ToHandForm } from './ToHandForm'

/** Which tools a job asks for beyond those on the bench, and what it tightens that must hold: each with its figure or a way to record it. */
export function ToHand({ projectId, job }: { projectId: string; job: Job }) {
  const { t } = useTranslation()
  const { data } = useQuery({
    queryKey: ['toHand', job.id],
    queryFn: () => unwrap(api.GET('/api/jobs/{jobId}/to-hand', { params: { path: { jobId: job.id } } })),
  })
  if (!data) return null
  return (
    <section aria-label={t('toHand.title')}>
      {data.tools.length > 0 && <p>{t('toHand.tools', { what: data.tools.join(', ') })}</p>}
      {data.fasteners.length > 0 && <Fasteners projectId={projectId} job={job} named={data.fasteners} />}
      {!job.over && (
        <details>
          <summary className="cursor-pointer py-2 font-semibold">{t('toHand.change')}</summary>
          <ToHandForm key={JSON.stringify(data)} jobId={job.id} stored={data} />
        </details>
      )}
    </section>
  )
}

function Fasteners({ projectId, job, named }: { projectId: string; job: Job; named: string[] }) {
  const { t } = useTranslation()
  const { data: road } = useQuery(roadQuery(projectId))
  const recorded = road?.fasteners.filter((f) => f.jobId === job.id) ?? []
  return (
    <>
      <h3 className="font-semibold">{t('toHand.tightened')}</h3>
      <ul>
        {named.map((name) => {
          const done = recorded.find((f) => f.title.toLowerCase() === name.toLowerCase())
          const way = done
            ? `fastener=${done.id}`
            : `fastener=new&title=${encodeURIComponent(name)}&system=${job.system ?? ''}`
          return (
            <li key={name} className="flex flex-wrap items-baseline gap-x-3 py-1">
              {done?.tightness === 'FIGURE' && <Check className="size-4 self-center" aria-hidden="true" />}
              <span>{name}</span>
              <Link className="link text-sm" to={`/p/${projectId}/road?${way}&job=${job.id}`}>
                {done ? t(`torque.tightness.${done.tightness}`) : t('toHand.record')}
              </Link>
            </li>
          )
        })}
      </ul>
    </>
  )
}
