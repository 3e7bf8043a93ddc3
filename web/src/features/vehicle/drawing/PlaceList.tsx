import { useTranslation } from 'react-i18next'
import { percent } from '@/ui/format/format'
import type { Walk } from '../check/checkWalk'

/** All places in walking order, with what is left and unseen there; a press goes there. */
export function PlaceList({
  places,
  nameOf,
  onPress,
}: {
  places: Walk['places']
  nameOf: (place: string) => string
  onPress: (place: string) => void
}) {
  const { t } = useTranslation()
  return (
    <ul className="gap-x-8 sm:columns-2">
      {places.map((p) => (
        <li key={p.place} className="break-inside-avoid border-b border-base-300">
          <button
            type="button"
            className="flex min-h-11 w-full items-baseline gap-2 py-1.5 text-left hover:bg-base-200"
            onClick={() => onPress(p.place)}
          >
            <span className="grow">{nameOf(p.place)}</span>
            <span className="quiet whitespace-nowrap text-sm">
              {p.left > 0 ? t('check.placeLeft', { count: p.left }) : t('check.placeDone')}
              {p.unseen > 0 && `, ${t('check.unseen', { share: percent(p.unseen) })}`}
            </span>
          </button>
        </li>
      ))}
    </ul>
  )
}
