import { useTranslation } from 'react-i18next'
import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '@/api/client'
import { drawingQuery } from '@/api/queries'
import { placeOf } from './things'

export type Zone = Schemas['Zone']

/** Names a zone of a drawing; also one that is not drawn any more since somebody saw what the vehicle has. */
export function useZoneName() {
  const { t } = useTranslation()
  return (drawing: Schemas['Drawing'] | undefined, zoneId: string | undefined) => {
    const zone = [...(drawing?.zones ?? []), ...(drawing?.others ?? [])].find((z) => z.id === zoneId)
    if (!zone) return zoneId ?? ''
    return zone.side === 'NONE' ? zone.name : `${zone.name}, ${t(`side.${zone.side}`)}`
  }
}

/** Names zones as the person calls them: "Sill, left". */
export function useZoneNames(projectId: string): (zoneId: string | undefined) => string {
  const { t } = useTranslation()
  const { data: drawing } = useQuery(drawingQuery(projectId))
  const nameOf = useZoneName()
  return (zoneId) => {
    if (zoneId === 'vehicle') return t('wholeVehicle')
    return nameOf(drawing, zoneId)
  }
}

/** Names places, on either side: "Sill". Empty for one that the vehicle does not have. */
export function usePlaceNames(projectId: string): (place: string) => string {
  const { data: drawing } = useQuery(drawingQuery(projectId))
  return (place) =>
    [...(drawing?.zones ?? []), ...(drawing?.others ?? [])].find((z) => placeOf(z.id) === place)?.name ?? ''
}
