import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useObjections } from './useObjections'

/** What stands against ordering a part, and what somebody said why it is ordered all the same. */
export function Objections({ need }: { need: Schemas['Need'] }) {
  const { t } = useTranslation()
  const { oneWheel, unopened, again, boughtAgain, told, waived } = useObjections(need)
  return (
    <>
      {oneWheel && (
        <span className="block text-sm font-semibold">
          {oneWheel} {t('parts.whyOne')}
        </span>
      )}
      {unopened && (
        <span className="block text-sm font-semibold">
          {unopened} {t('parts.whyNow')}
        </span>
      )}
      {again && (
        <span className="block text-sm font-semibold">
          {boughtAgain} {again.isAsked && t('parts.whyAgain')}
        </span>
      )}
      {told.map((said) => (
        <span key={said} className="block text-sm">
          {said}
        </span>
      ))}
      {waived.map((said) => (
        <span key={said} className="block text-sm">
          {said}
        </span>
      ))}
    </>
  )
}
