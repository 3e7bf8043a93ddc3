import { useSyncExternalStore, type ReactNode } from 'react'
import { useTranslation } from 'react-i18next'
import { CircleAlert, Undo2, X } from 'lucide-react'
import { Problem } from '@/api/client'
import { dismiss, noticeStore } from '@/api/notices'
import { useUndo } from './useUndo'

export function Loading({ what }: { what: string }) {
  return (
    <div role="status" className="flex items-center gap-3 p-6">
      <span className="loading loading-spinner" aria-hidden="true" />
      <span>{what}</span>
    </div>
  )
}

/** The sentence of a refusal, as the server wrote it; below it what a person may do all the same. */
export function ProblemAlert({
  error,
  again,
  children,
}: {
  error: Error | null | undefined
  again?: () => void
  children?: ReactNode
}) {
  const { t } = useTranslation()
  if (!error) return null
  return (
    <div role="alert" className="my-2 flex items-start gap-3 rounded border-l-4 border-error bg-base-200 p-3">
      <CircleAlert className="mt-0.5 size-5 shrink-0 text-error" aria-hidden="true" />
      <div className="grow">
        <p>{error.message}</p>
        {again && (
          <button type="button" className="btn btn-sm mt-2" onClick={again}>
            {t('tryAgain')}
          </button>
        )}
        {children}
      </div>
    </div>
  )
}

/** Nothing here yet: says what would be, and how to begin. */
export function Empty({ title, children, action }: { title: string; children: ReactNode; action?: ReactNode }) {
  return (
    <div className="card-sheet mx-auto my-6 max-w-xl p-6 text-center">
      <h2 className="text-xl font-semibold">{title}</h2>
      <div className="quiet my-2">{children}</div>
      {action}
    </div>
  )
}

export function Notices() {
  const notices = useSyncExternalStore(noticeStore.subscribe, noticeStore.get)
  const undo = useUndo()
  const { t } = useTranslation()
  return (
    <div
      className="no-print fixed inset-x-2 bottom-20 z-40 mx-auto grid max-w-md gap-2 md:bottom-4 md:left-4 md:right-auto"
      aria-live="polite"
    >
      {notices.map((n) => (
        <div key={n.id} className="flex items-center gap-2 rounded bg-neutral p-2 pl-4 text-neutral-content shadow-lg">
          <span className="grow">{n.text}</span>
          {n.undo && (
            <button
              type="button"
              className="inline-flex min-h-11 items-center gap-1 px-2 font-semibold underline"
              disabled={undo.isPending}
              onClick={() => {
                dismiss(n.id)
                undo.mutate(n.undo!)
              }}
            >
              <Undo2 className="size-4" aria-hidden="true" />
              {t('takeBack')}
            </button>
          )}
          <button
            type="button"
            className="inline-flex size-11 items-center justify-center"
            aria-label={t('close')}
            onClick={() => dismiss(n.id)}
          >
            <X className="size-4" aria-hidden="true" />
          </button>
        </div>
      ))}
    </div>
  )
}

/** Loads, fails or shows: the three states of everything that is read. */
export function Loaded<T>(props: {
  query: { data: T | undefined; error: Error | null; refetch: () => unknown }
  what: string
  children: (data: T) => ReactNode
}) {
  const { data, error, refetch } = props.query
  if (data !== undefined) return props.children(data)
  if (error) return <ProblemAlert error={error} again={() => void refetch()} />
  return <Loading what={props.what} />
}

export const isStale = (error: unknown): error is Problem => error instanceof Problem && error.code.endsWith('.stale')
