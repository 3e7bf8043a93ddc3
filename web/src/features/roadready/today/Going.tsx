import { useEffect, useState } from 'react'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { hours, useFormat } from '@/ui/format/format'

const MINUTE = 60_000

type Begun = Schemas['BegunResponse']

/** Since when somebody is in the garage, and how long that is by now. */
export function Since({ begun, here }: { begun: Begun; here: boolean }) {
  const { t } = useTranslation()
  const format = useFormat()
  const [now, setNow] = useState(() => Date.now())
  useEffect(() => {
    const timer = setInterval(() => setNow(Date.now()), MINUTE)
    return () => clearInterval(timer)
  }, [])
  const minutes = Math.max(0, Math.round((now - Date.parse(begun.begunAt)) / MINUTE))
  return t(here ? 'today.inTheGarage' : 'today.atAnother', { at: format.time(begun.begunAt), time: hours(minutes) })
}

/** The two ways to end it. */
export function Going({ begun, here }: { begun: Begun; here: boolean }) {
  const { t } = useTranslation()
  const leave = useWrite((_: object, id) => unwrap(api.DELETE('/api/work-session-begun', { ...write(id) })), {
    said: () => t('today.left'),
    undoable: false,
  })
  return (
    <div className="no-print">
      {!here && (
        <p className="mb-2 font-semibold">
          <Since begun={begun} here={false} />
        </p>
      )}
      <div className="flex flex-wrap gap-2">
        <Link className="btn btn-primary" to={`/p/${begun.projectId}/logbook?new=begun`}>
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
