import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from '@/ui/format'

/** Puts the reason of a date into words. */
export function useReason(): (limit: Schemas['LimitResponse']) => string {
  const { t } = useTranslation()
  const format = useFormat()
  return (limit) =>
    t(`limit.${limit.kind}`, { what: limit.subject?.title ?? '', date: format.shortDay(format.dateOf(limit.until)) })
}
