import { z } from 'zod'
import { useTranslation } from 'react-i18next'
import { minutesOf } from '../format/format'

/** Hours as they are typed, kept as whole minutes. */
export function useHoursRule() {
  const { t } = useTranslation()
  return z.string().transform((typed, context): number => {
    const minutes = minutesOf(typed)
    if (minutes !== undefined) return minutes
    context.addIssue({ code: 'custom', message: t('form.hours') })
    return z.NEVER
  })
}
