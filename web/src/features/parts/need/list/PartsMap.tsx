import { useTranslation } from 'react-i18next'
import { CarMap } from '@/ui/drawing/CarMap'
import { useZoneName } from '@/ui/format/names/zones'
import { linesOf } from './needLines'
import type { useNeedPlaces } from './useNeedPlaces'

/** The vehicle with the number of parts still to go on it; a press shows those of one place. */
export function PartsMap({
  placed: { body, at },
  place,
  onPlace,
}: {
  placed: NonNullable<ReturnType<typeof useNeedPlaces>>
  /** The place that is shown, `''` for what goes nowhere in particular. */
  place: string | undefined
  onPlace: (place: string | undefined) => void
}) {
  const { t } = useTranslation()
  const nameOf = useZoneName()
  const press = (pressed: string) => onPlace(pressed === place ? undefined : pressed)
  const elsewhere = linesOf(at.get('') ?? []).length
  return (
    <details className="mb-4" open={place !== undefined}>
      <summary className="cursor-pointer py-2 font-semibold">{t('parts.onTheCar')}</summary>
      <CarMap
        body={body}
        marks={[...at].filter(([zone]) => zone !== '').map(([zone, there]) => ({ zone, count: linesOf(there).length }))}
        nameOf={(zone) => nameOf(body, zone)}
        sayMark={(m) => t('parts.atPlace', { place: nameOf(body, m.zone), count: m.count })}
        {...(place && { selected: place })}
        onPress={press}
      />
      {elsewhere > 0 && (
        <button type="button" className="btn" aria-pressed={place === ''} onClick={() => press('')}>
          {t('parts.atNoPlace', { count: elsewhere })}
        </button>
      )}
    </details>
  )
}
