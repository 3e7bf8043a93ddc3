import { useState } from 'react'
import { useTranslation } from 'react-i18next'
import { Camera, Plus } from 'lucide-react'
import { thumbnailUrl, type Schemas } from '@/api/client'
import { SafetyMark } from '@/ui/safety/SafetyMark'
import { isOver } from './findingMarks'
import { useFindingName } from '@/ui/format/names/findingNames'

type Finding = Schemas['FindingRow']

type Props = {
  projectId: string
  findings: Finding[]
  zone?: string
  nameOf: (zone: string) => string
  onOpen: (id: string) => void
  onAdd: (zone: string) => void
  onAll: () => void
}

/** Findings, gravest first; of one zone when one is pressed. */
export function FindingList({ projectId, findings, zone, nameOf, onOpen, onAdd, onAll }: Props) {
  const { t } = useTranslation()
  const [search, setSearch] = useState('')
  const [closed, setClosed] = useState(false)
  const { what } = useFindingName(projectId, nameOf)
  const words = search.trim().toLowerCase()
  const shown = findings.filter(
    (f) =>
      (closed || !isOver(f)) &&
      (words === '' || `${nameOf(f.zone)} ${what(f)} ${f.note}`.toLowerCase().includes(words)),
  )
  const hidden = findings.filter(isOver).length
  return (
    <section aria-label={t('walk.findings')}>
      <div className="mb-2 flex items-center justify-between gap-2">
        <h2 className="text-lg font-semibold">{zone ? nameOf(zone) : t('walk.allFindings')}</h2>
        {zone && (
          <button type="button" className="btn btn-sm" onClick={onAll}>
            {t('walk.showAll')}
          </button>
        )}
      </div>
      {zone ? (
        <button type="button" className="btn btn-primary mb-3 w-full" onClick={() => onAdd(zone)}>
          <Plus className="size-5" aria-hidden="true" />
          {t('walk.add')}
        </button>
      ) : (
        <input
          type="search"
          className="input mb-3 w-full"
          placeholder={t('walk.search')}
          aria-label={t('walk.search')}
          value={search}
          onChange={(e) => setSearch(e.target.value)}
        />
      )}
      {shown.length === 0 && <p className="quiet py-3">{zone ? t('walk.noneHere') : t('walk.none')}</p>}
      <ul className="grid gap-1">
        {shown.map((f) => (
          <li key={f.id}>
            <button
              type="button"
              className="flex w-full items-center gap-3 rounded border border-transparent p-2 text-left hover:border-base-300 hover:bg-base-200"
              onClick={() => onOpen(f.id)}
            >
              <SafetyMark safety={f.safetyClass} word={false} />
              <span className="grow">
                <span className="font-semibold">{what(f)}</span>
                {!zone && <span className="quiet"> · {nameOf(f.zone)}</span>}
                <span className="quiet block text-sm">
                  {f.decision ? `${t(`decision.${f.decision}`)} · ` : ''}
                  {t(`findingState.${f.state}`)}
                </span>
              </span>
              {f.firstPhoto ? (
                <img
                  src={thumbnailUrl(f.firstPhoto)}
                  alt={t('walk.hasPhoto')}
                  className="h-11 w-14 shrink-0 rounded object-cover"
                  loading="lazy"
                />
              ) : (
                f.photos > 0 && <Camera className="quiet size-4 shrink-0" aria-label={t('walk.hasPhoto')} />
              )}
            </button>
          </li>
        ))}
      </ul>
      {hidden > 0 && (
        <label className="mt-2 flex min-h-11 items-center gap-2">
          <input type="checkbox" className="checkbox" checked={closed} onChange={(e) => setClosed(e.target.checked)} />
          {t('walk.withClosed', { count: hidden })}
        </label>
      )}
    </section>
  )
}
