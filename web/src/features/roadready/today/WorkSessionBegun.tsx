import { useEffect, useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Printer } from 'lucide-react'
import { api, unwrap, write } from '@/api/client'
import { workSessionBegunQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { hours, useFormat } from '@/ui/format/format'
import { useFreshId } from '@/ui/form/useFreshId'
import type { Today } from '../sentences'

/** The evening is begun with what it is for; then it goes on until it is logged. */
export function WorkSessionBegun({ today }: { today: Today }) {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  const begun = useQuery(workSessionBegunQuery)
  const [fresh, renew] = useFreshId()
  const tonight = today.tonight?.jobs ?? []
  const jobs = tonight.filter((j) => j.kind === 'JOB').map((j) => j.id)
  const accesses = [...new Set(tonight.flatMap((j) => j.access ?? []))]
  const begin = useWrite(
    (_: object, id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/work-session-begun', {
          params: { path: { projectId } },
          body: { id: fresh, jobs, accesses },
          ...write(id),
        }),
      ),
    { said: () => t('today.begun'), done: renew, undoable: false },
  )
  if (begun.data) return <Going begunAt={begun.data.begunAt} projectId={begun.data.projectId} here={projectId} />
  return (
    <div className="no-print">
      <div className="flex flex-wrap gap-2">
        {today.tonight && (
          <button
            type="button"
            className="btn btn-primary"
            disabled={begin.isPending || begun.isPending}
            onClick={() => begin.mutate({})}
          >
            {t('today.begin')}
          </button>
        )}
        <Link className={`btn ${today.tonight ? '' : 'btn-primary'}`} to={`/p/${projectId}/logbook?new=1`}>
          {t('today.logWorkSession')}
        </Link>
        {today.tonight && (
          <button type="button" className="btn" onClick={() => window.print()}>
            <Printer className="size-5" aria-hidden="true" />
            {t('today.printWorkSession')}
          </button>
        )}
      </div>
      <ProblemAlert error={begin.error} />
    </div>
  )
}

const MINUTE = 60_000

function Going({ begunAt, projectId, here }: { begunAt: string; projectId: string; here: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), MINUTE)
    return () => clearInterval(timer)
  }, [])
  const leave = useWrite((_: object, id) => unwrap(api.DELETE('/api/work-session-begun', { ...write(id) })), {
    said: () => t('today.left'),
    undoable: false,
  })
  const minutes = Math.max(0, Math.round((now - Date.parse(begunAt)) / MINUTE))
  return (
    <div className="card-sheet no-print p-3">
      <p className="font-semibold">
        {t(projectId === here ? 'today.inTheGarage' : 'today.atAnother', {
          at: format.time(begunAt),
          time: hours(minutes),
        })}
      </p>
      <div className="mt-2 flex flex-wrap gap-2">
        <Link className="btn btn-primary" to={`/p/${projectId}/logbook?new=begun`}>
          {t('today.end')}
        </Link>
        <button type="button" className="btn" disabled={leave.isPending} onClick={() => leave.mutate({})}>
          {t('today.leave')}
        </button>
      </div>
      <ProblemAlert error={leave.error} />
    </div>
  )
}
