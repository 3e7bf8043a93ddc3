import { useEffect, useSyncExternalStore } from 'react'
import { useQuery, useQueryClient } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { lookAgain } from '@/api/lookAgain'
import { waitingPhotos } from '@/api/photos/waiting'
import { sessionQuery } from '@/api/queries'

const everyMs = 30_000

/** What is recorded but whose photos are not stored yet, on every page until they are. */
export function WaitingPhotos() {
  const { t } = useTranslation()
  const queries = useQueryClient()
  const accountId = useQuery(sessionQuery).data?.me?.accountId
  const all = useSyncExternalStore(waitingPhotos.subscribe, waitingPhotos.get)
  const mine = all.filter((p) => p.to && p.accountId === accountId && p.step !== 'refused')
  const waits = mine.some((p) => p.step === 'kept') // also what the device gives back only after the page is there
  useEffect(() => {
    if (!accountId) return
    const sendDue = () => {
      const due = waitingPhotos.due(accountId)
      if (due.length > 0) void waitingPhotos.send(due).then(() => lookAgain(queries))
    }
    sendDue()
    const timer = setInterval(() => navigator.onLine && sendDue(), everyMs)
    addEventListener('online', sendDue)
    return () => {
      clearInterval(timer)
      removeEventListener('online', sendDue)
    }
  }, [accountId, queries, waits])
  if (mine.length === 0) return null
  const failed = mine.find((p) => p.step === 'failed')
  return (
    <div
      role="status"
      className="no-print flex flex-wrap items-center gap-x-4 gap-y-1 border-b-2 border-warning px-4 py-2"
    >
      <span className="font-semibold">{t(failed ? 'photo.notStored' : 'photo.onTheWay', { count: mine.length })}</span>
      {failed && (
        <>
          <span>{failed.problem?.message}</span>
          <button
            type="button"
            className="btn btn-sm min-h-11"
            onClick={() => void waitingPhotos.send(mine.map((p) => p.id)).then(() => lookAgain(queries))}
          >
            {t('tryAgain')}
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-sm min-h-11"
            onClick={() => void waitingPhotos.drop(mine.filter((p) => p.step === 'failed').map((p) => p.id))}
          >
            {t('photo.giveUp')}
          </button>
        </>
      )}
    </div>
  )
}
