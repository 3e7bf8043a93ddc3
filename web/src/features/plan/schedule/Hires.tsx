import { useTranslation } from 'react-i18next'
import { inside, useFormat } from '@/ui/format/format'
import type { Plan } from './axis/lanes'

/** On which days which tool is to be hired, and what that costs. */
export function Hires({ plan }: { plan: Plan }) {
  const { t } = useTranslation()
  const format = useFormat()
  return plan.hires.map((h) => (
    <p key={h.tool} className="mb-2">
      {t('dates.hire', {
        tool: inside(h.tool),
        days: new Intl.ListFormat(format.locale).format(h.days.map(format.shortDay)),
        count: h.days.length,
      })}{' '}
      {!!h.costMinor && t('dates.hireCost', { money: format.money(h.costMinor, format.currency) })}
    </p>
  ))
}
