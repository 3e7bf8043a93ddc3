import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { hours, useFormat } from '@/ui/format/format'

/** A guess, in whole hours. */
const about = (minutes: number) => hours(Math.max(60, Math.round(minutes / 60) * 60))

type Props = { takes: Schemas['BareMetalTakes']; said: Schemas['BareMetalFields']; currency: string }

/** What a whole body at bare metal takes, and who does it. */
export function BareMetalStep({ takes, said, currency }: Props) {
  const { t } = useTranslation()
  const format = useFormat()
  const half = (minutes: number | undefined, others: { days: number; costMinor: number } | undefined) =>
    others
      ? t('way.byOthers', {
          money: format.money(others.costMinor, currency),
          time: t('way.leadDays', { count: others.days }),
        })
      : t('way.byYou', { hours: about(minutes ?? 0) })
  return (
    <li>
      {t('way.toBareMetal')}
      <ul className="list-[circle] pl-5 text-sm">
        <li>
          {t('way.strip')}: {half(takes.stripMinutes, said.strip)}
        </li>
        {takes.shownMinutes > 0 && <li>{t('way.shown', { hours: about(takes.shownMinutes) })}</li>}
        <li>
          {t('way.coat')}: {half(takes.coatMinutes, said.coat)}
        </li>
        {takes.materialMinor === undefined && <li>{t('way.materialUnknown')}</li>}
        {takes.materialMinor !== undefined && takes.materialMinor > 0 && (
          <li>{t('way.material', { money: format.guess(takes.materialMinor, currency) })}</li>
        )}
      </ul>
    </li>
  )
}
