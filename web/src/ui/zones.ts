import { useTranslation } from 'react-i18next'
import { useQuery } from '@tanstack/react-query'
import type { Schemas } from '@/api/client'
import { bodyQuery, projectQuery } from '@/api/queries'

export type Zone = Schemas['Zone']

/** Names zones as the person calls them: "Sill, left". */
export function useZoneNames(projectId: string): (zoneId: string | undefined) => string {
  const { t } = useTranslation()
  const { data: project } = useQuery(projectQuery(projectId))
  const { data: body } = useQuery({ ...bodyQuery(project?.bodyStyle ?? 'ESTATE'), enabled: !!project })
  return (zoneId) => {
    if (zoneId === 'vehicle') return t('wholeVehicle')
    const zone = body?.zones.find((z) => z.id === zoneId)
    if (!zone) return zoneId ?? ''
    return zone.side === 'NONE' ? zone.name : `${zone.name}, ${t(`side.${zone.side}`)}`
  }
}
