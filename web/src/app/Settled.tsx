import { useEffect, useLayoutEffect, useState, type ReactNode } from 'react'
import { useIsFetching, type Query } from '@tanstack/react-query'
import { useNavigationType } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Loading } from '@/ui/page/Feedback'

/** What one answer brings asks for more as soon as it is drawn: so long is waited for that. */
const NEXT_ASKED_MS = 60

/** Not there, on its way, and not refused so far. */
const isAwaited = ({ state }: Query) =>
  state.data === undefined && state.fetchStatus === 'fetching' && state.fetchFailureCount === 0

/** A page is shown once all that it reads first is there, so that nothing moves away under a finger. */
export function Settled({ children }: { children: ReactNode }) {
  const { t } = useTranslation()
  const awaited = useIsFetching({ predicate: isAwaited }) > 0
  const [shown, setShown] = useState(false)
  const way = useNavigationType()
  const [goneBack] = useState(way === 'POP')
  useLayoutEffect(() => {
    if (!goneBack) window.scrollTo(0, 0) // where one was who goes back the browser knows
  }, [goneBack])
  useEffect(() => {
    if (shown || awaited) return
    const wait = setTimeout(() => setShown(true), NEXT_ASKED_MS)
    return () => clearTimeout(wait)
  }, [shown, awaited])
  return (
    <div className="relative">
      {!shown && (
        <div className="absolute inset-x-0 top-0">
          <Loading what={t('signIn.loading')} />
        </div>
      )}
      <div style={shown ? undefined : { visibility: 'hidden' }}>{children}</div>
    </div>
  )
}
