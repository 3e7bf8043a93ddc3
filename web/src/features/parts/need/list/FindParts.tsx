import { useState, type ComponentProps } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useZoneNames } from '@/ui/format/names/zones'
import { NeedGroups } from './NeedGroups'
import { PartsMap } from './PartsMap'
import { useNeedPlaces } from './useNeedPlaces'

/** So few are seen at a glance. */
const FEW = 8

/** All parts, or those that are searched for by a word or by their place on the vehicle. */
export function FindParts({ projectId, needs, ...choosing }: ComponentProps<typeof NeedGroups>) {
  const { t } = useTranslation()
  const nameOf = useZoneNames(projectId)
  const [search, setSearch] = useState('')
  const [place, setPlace] = useState<string>()
  const found = matching(needs, search)
  const placed = useNeedPlaces(projectId, found)
  return (
    <>
      {needs.length > FEW && (
        <>
          <input
            type="search"
            className="input mb-4 w-full max-w-md"
            aria-label={t('parts.search')}
            placeholder={t('parts.search')}
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
          {placed && <PartsMap placed={placed} place={place} onPlace={setPlace} />}
        </>
      )}
      {place !== undefined && (
        <p className="mb-3 flex flex-wrap items-center gap-2" role="status">
          {place && t('parts.onlyThere', { place: nameOf(place) })}
          <button type="button" className="btn" onClick={() => setPlace(undefined)}>
            {t('parts.showAll')}
          </button>
        </p>
      )}
      <NeedGroups
        projectId={projectId}
        needs={place === undefined ? found : (placed?.at.get(place) ?? [])}
        {...choosing}
      />
    </>
  )
}

function matching(needs: Schemas['Need'][], search: string) {
  const words = search.trim().toLowerCase()
  return needs.filter((n) =>
    `${n.title} ${n.supplier ?? ''} ${n.placeCode ?? ''} ${n.placeName ?? ''}`.toLowerCase().includes(words),
  )
}
