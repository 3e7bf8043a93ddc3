import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Printer } from 'lucide-react'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { workSessionBegunQuery } from '@/api/queries'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { useFreshId } from '@/ui/form/draft/useFreshId'
import { TonightList } from '../evidence'
import { TonightSentence, type Today } from '../sentences'
import { Checklist } from './Checklist'
import { Going, Since } from './Going'

/** What the evening is for; once it is begun, it is ticked off step by step until it is logged. */
export function WorkSessionBegun({ today }: { today: Today }) {
  const { projectId = '' } = useParams()
  const { data: begun, isPending } = useQuery(workSessionBegunQuery)
  const here = begun?.projectId === projectId
  return (
    <>
      {begun && here && begun.work.length > 0 ? (
        <Checklist begun={begun} today={today} />
      ) : (
        <TonightList today={today} />
      )}
      {begun ? <Going begun={begun} here={here} /> : <Begin today={today} unknown={isPending} />}
    </>
  )
}

/** What the evening is for, or since when it goes on. */
export function EveningSentence({ today }: { today: Today }) {
  const { projectId = '' } = useParams()
  const { data: begun } = useQuery(workSessionBegunQuery)
  return begun?.projectId === projectId ? <Since begun={begun} here /> : <TonightSentence today={today} />
}

function Begin({ today, unknown }: { today: Today; unknown: boolean }) {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  const [fresh, renew] = useFreshId()
  const work = (today.tonight?.jobs ?? []).flatMap((j): Schemas['What'][] =>
    j.kind === 'JOB' ? [{ jobId: j.id }] : j.access ? [{ access: j.access }] : [],
  )
  const begin = useWrite(
    (_: object, id) =>
      unwrap(
        api.POST('/api/projects/{projectId}/work-session-begun', {
          params: { path: { projectId } },
          body: { id: fresh, work },
          ...write(id),
        }),
      ),
    { said: () => t('today.begun'), done: renew, undoable: false },
  )
  return (
    <div className="no-print">
      <div className="flex flex-wrap gap-2">
        {today.tonight && (
          <button
            type="button"
            className="btn btn-primary"
            disabled={begin.isPending || unknown}
            onClick={() => begin.mutate({})}
          >
            {t('today.begin')}
          </button>
        )}
        <Link className="btn" to={`/p/${projectId}/logbook?new=1`}>
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
