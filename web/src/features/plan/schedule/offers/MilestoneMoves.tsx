import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from '@/ui/format/format'

/** What a change does to each milestone: another day, or nothing. */
export function MilestoneMoves({ move }: { move: Schemas['MoveResponse'] }) {
  const { t } = useTranslation()
  const format = useFormat()
  return (
    <>
      {!move.possible && <p className="font-semibold">{t('dates.impossible')}</p>}
      <ul>
        {move.milestones.map((s) => (
          <li key={s.aim}>
            {s.before && s.after && format.dateOf(s.before) !== format.dateOf(s.after)
              ? t('dates.milestoneMoves', {
                  aim: t(`reached.${s.aim}`),
                  before: format.shortDay(s.before),
                  after: format.shortDay(s.after),
                })
              : t('dates.milestoneStays', { aim: t(`reached.${s.aim}`) })}
          </li>
        ))}
      </ul>
    </>
  )
}
