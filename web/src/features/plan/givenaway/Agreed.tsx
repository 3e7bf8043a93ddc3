import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from '@/ui/format/format'

/** Who does a job, until when and for how much; late is said before anything else. */
export function Agreed({ given }: { given: Schemas['JobGivenAway'] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const price: number | undefined = given.costMinor // whoever sees no amounts gets none
  const says = [
    given.backOn
      ? t('givenAway.backOn', { day: format.day(given.backOn) })
      : t('givenAway.days', { count: given.days }),
    ...(price === undefined
      ? []
      : [price > 0 ? t('givenAway.agreed', { money: format.money(price, format.currency) }) : t('givenAway.noPrice')]),
  ]
  return (
    <p className="border-l-4 border-accent pl-3">
      {given.backOn && given.backOn < format.today() && (
        <strong className="block text-error">{t('givenAway.late', { day: format.day(given.backOn) })}</strong>
      )}
      <strong>{t('givenAway.does', { whom: given.toWhom || t('givenAway.somebody') })}</strong>: {says.join(', ')}
    </p>
  )
}
