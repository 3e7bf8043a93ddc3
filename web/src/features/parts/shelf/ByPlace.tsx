import { useState } from 'react'
import { Link } from 'react-router'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { jobsQuery, placesQuery } from '@/api/queries'
import { groupBy } from '@/ui/format/groupBy'
import { useAmounts } from '@/ui/format/amounts'
import { Part } from '@/ui/page/Page'
import { CountPlace } from './CountPlace'
import { placePath } from './placePath'
import { useStockSays } from './useStockSays'

type Stock = Schemas['StockResponse']
type Need = Schemas['Need']

/** Things under the place where they lie; with them the parts that are kept there for a job. */
export function ByPlace({
  projectId,
  things,
  kept,
  onOpen,
}: {
  projectId: string
  things: Stock[]
  kept: Need[]
  onOpen: (id: string) => void
}) {
  const { data: places } = useQuery(placesQuery)
  if (!places) return null
  const thingsAt = groupBy(things, (s) => s.placeId)
  const keptAt = groupBy(kept, (n) => n.placeId ?? '')
  const here = places
    .filter((p) => thingsAt.has(p.id) || keptAt.has(p.id))
    .map((place) => ({ place, path: placePath(places, place.id) }))
    .sort((a, b) => a.path.localeCompare(b.path))
  return (
    <div className="gap-x-8 lg:columns-2 [&>section]:break-inside-avoid">
      {here.map(({ place, path }) => (
        <Part key={place.id} title={path} aside={<span className="label-code text-sm">{place.code}</span>}>
          <ul>
            {(thingsAt.get(place.id) ?? []).map((s) => (
              <ThingRow key={s.id} thing={s} onOpen={() => onOpen(s.id)} />
            ))}
            {(keptAt.get(place.id) ?? []).map((n) => (
              <KeptRow key={n.id} projectId={projectId} need={n} />
            ))}
          </ul>
          <Count things={thingsAt.get(place.id) ?? []} />
        </Part>
      ))}
    </div>
  )
}

const row = 'flex min-h-11 w-full items-baseline gap-3 rounded px-1 py-2 text-left hover:bg-base-200'

function ThingRow({ thing: s, onOpen }: { thing: Stock; onOpen: () => void }) {
  const { t } = useTranslation()
  const amount = useAmounts()
  const says = useStockSays()
  return (
    <li className="border-b border-base-300 last:border-0">
      <button type="button" className={row} onClick={onOpen}>
        <span className="grow">
          <span className="font-semibold">{s.title}</span>
          <span className="quiet block text-sm">{says(s)}</span>
        </span>
        {s.isLow && <span className="text-sm font-semibold">{t('shelf.isLow')}</span>}
        <span className="whitespace-nowrap">{amount(s)}</span>
      </button>
    </li>
  )
}

function KeptRow({ projectId, need: n }: { projectId: string; need: Need }) {
  const { t } = useTranslation()
  const amount = useAmounts()
  const { data: work } = useQuery(jobsQuery(projectId))
  const job = work?.jobs.find((j) => j.id === n.jobId)
  return (
    <li className="border-b border-base-300 last:border-0">
      <Link className={row} to={`/p/${projectId}/parts?need=${n.id}`}>
        <span className="grow">
          {n.title}
          <span className="quiet block text-sm">
            {job ? t('shelf.kept', { job: job.title }) : t('shelf.keptForNone')}
          </span>
        </span>
        <span className="whitespace-nowrap">{amount(n)}</span>
      </Link>
    </li>
  )
}

function Count({ things }: { things: Stock[] }) {
  const { t } = useTranslation()
  const [counting, setCounting] = useState(false)
  if (things.length === 0) return null
  return counting ? (
    <CountPlace things={things} onDone={() => setCounting(false)} />
  ) : (
    <button type="button" className="btn btn-ghost btn-sm mt-1" onClick={() => setCounting(true)}>
      {t('shelf.count')}
    </button>
  )
}
