import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from '@/ui/format'

/** What an activity is called: a way in is opened up or closed again. */
export function useNameOf(): (subject: Schemas['Subject']) => string {
  const { t } = useTranslation()
  return (s) => (s.kind === 'STRIP' || s.kind === 'REFIT' ? t(`plan.${s.kind}`, { what: s.title }) : s.title)
}

/** Puts the reason of a date into words. */
export function useReason(): (limit: Schemas['LimitResponse']) => string {
  const { t } = useTranslation()
  const format = useFormat()
  const nameOf = useNameOf()
  return (limit) =>
    t(`limit.${limit.kind}`, {
      what: limit.subject ? nameOf(limit.subject) : '',
      date: format.shortDay(format.dateOf(limit.until)),
    })
}
