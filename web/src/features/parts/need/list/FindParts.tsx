import { useState, type ComponentProps } from 'react'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { useZoneNames } from '@/ui/format/names/zones'
import { NeedGroups } from './NeedGroups'
import { PartsMap } from './PartsMap'

/** So few are seen at a glance. */
const FEW = 8

type Shown = { place: string; ids: string[] }

/** All parts, or those that are searched for by a word or by their place on the vehicle. */
export function FindParts({ projectId, needs, ...choosing }: ComponentProps<typeof NeedGroups>) {
  const { t } = useTranslation()
  const nameOf = useZoneNames(projectId)
  const [search, setSearch] = useState('')
  const [at, setAt] = useState<Shown>()
  const found = matching(needs, search)
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
          <PartsMap
            projectId={projectId}
            needs={found}
            place={at?.place}
            onPlace={(place, there = []) =>
              setAt(place === undefined ? undefined : { place, ids: there.map((n) => n.id) })
            }
          />
        </>
      )}
      {at && (
        <p className="mb-3 flex flex-wrap items-center gap-2" role="status">
          {at.place && t('parts.onlyThere', { place: nameOf(at.place) })}
          <button type="button" className="btn" onClick={() => setAt(undefined)}>
            {t('parts.showAll')}
          </button>
        </p>
      )}
      <NeedGroups projectId={projectId} needs={at ? found.filter((n) => at.ids.includes(n.id)) : found} {...choosing} />
    </>
  )
}

function matching(needs: Schemas['Need'][], search: string) {
  const words = search.trim().toLowerCase()
  return needs.filter((n) =>
    `${n.title} ${n.supplier ?? ''} ${n.placeCode ?? ''} ${n.placeName ?? ''}`.toLowerCase().includes(words),
  )
}
