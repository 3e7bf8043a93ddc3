import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { hours, useFormat } from '@/ui/format/format'

const MINUTE = 60_000

/** Since when somebody is in the garage, and the two ways to end it. */
export function Going({ begunAt, projectId, here }: { begunAt: string; projectId: string; here: boolean }) {
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
        {t(here ? 'today.inTheGarage' : 'today.atAnother', { at: format.time(begunAt), time: hours(minutes) })}
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
