import { useSyncExternalStore } from 'react'
import { onlineManager } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { WifiOff } from 'lucide-react'

/** Says that there is no connection, and that what was saved waits and is sent by itself. */
export function Offline() {
  const { t } = useTranslation()
  const online = useSyncExternalStore(
    (changed) => onlineManager.subscribe(changed),
    () => onlineManager.isOnline(),
  )
  if (online) return null
  return (
    <p role="alert" className="flex items-center gap-2 bg-warning px-4 py-2 font-semibold text-warning-content">
      <WifiOff className="size-5 shrink-0" aria-hidden="true" />
      {t('offline')}
    </p>
  )
}
