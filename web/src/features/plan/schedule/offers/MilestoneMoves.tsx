import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useFormat } from '@/ui/format/format'

type Move = Schemas['MoveResponse']

/** What a change does to each milestone: another day, or nothing. */
export function MilestoneMoves({ move }: { move: Move }) {
  const { t } = useTranslation()
  const sentence = useSentence(move)
  return (
    <>
      {!move.possible && <p className="font-semibold">{t('dates.impossible')}</p>}
      <ul>
        {move.milestones.map((s) => (
          <li key={s.aim}>{sentence(s)}</li>
        ))}
      </ul>
    </>
  )
}

/** A date comes, or goes, with what has no place in the one plan or the other. */
function useSentence({ possible }: Move) {
  const { t } = useTranslation()
  const format = useFormat()
  return ({ aim: a, before, after }: Move['milestones'][number]) => {
    const aim = t(`reached.${a}`)
    if (!before && after) return t('dates.milestoneCame', { aim, after: format.shortDay(after) })
    if (!after && !possible) return t('dates.milestoneLost', { aim })
    return before && after && format.dateOf(before) !== format.dateOf(after)
      ? t('dates.milestoneMoves', { aim, before: format.shortDay(before), after: format.shortDay(after) })
      : t('dates.milestoneStays', { aim })
  }
}
