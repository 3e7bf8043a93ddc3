import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { thumbnailUrl } from '@/api/client'
import { attachmentsQuery } from '@/api/queries'

/** The first picture of the car itself; nothing where there is none. */
export function CarPicture({ vehicleId, name, className }: { vehicleId: string; name: string; className: string }) {
  const { t } = useTranslation()
  const { data } = useQuery(attachmentsQuery('VEHICLE', vehicleId))
  const first = data?.find((a) => a.width)
  if (!first) return null
  return (
    <img src={thumbnailUrl(first.id)} alt={t('photo.of', { name })} className={`rounded object-cover ${className}`} />
  )
}
