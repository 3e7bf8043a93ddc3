import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from '@/ui/format/format'

/** Puts the reason of a date into words. */
export function useReason(): (limit: Schemas['LimitResponse']) => string {
  const { t } = useTranslation()
  const format = useFormat()
  return (limit) =>
    t(`limit.${tooLarge(limit) ?? special(limit.subject?.kind) ?? limit.kind}`, {
      what: limit.subject ? limit.subject.title : '',
      date: format.shortDay(format.dateOf(limit.until)),
    })
}

/** It would not fit alone: no date makes room for it. */
const tooLarge = (limit: Schemas['LimitResponse']) =>
  limit.kind === 'SHELF_FULL' && !limit.subject ? ('SHELF_TOO_SMALL' as const) : undefined

/** What is used by all at once has sentences of its own. */
function special(kind: Schemas['Subject']['kind'] | undefined) {
  switch (kind) {
    case 'DAYLIGHT':
    case 'FIRE_WATCH':
    case 'NOISE':
    case 'HIRED':
    case 'WARMTH':
    case 'LONG_SESSION':
    case 'HELPER':
      return kind
    default:
      return undefined
  }
}
