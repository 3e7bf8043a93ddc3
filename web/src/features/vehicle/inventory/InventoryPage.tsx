import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { api, unwrap, type Schemas } from '@/api/client'
import { drawingQuery } from '@/api/queries'
import { Loaded } from '@/ui/page/Feedback'
import { Page, Part } from '@/ui/page/Page'
import { groupBy } from '@/ui/format/groupBy'
import { useZoneNames } from '@/ui/format/names/zones'
import { NewFinding } from '../finding/form/NewFinding'
import { CountForm } from './CountForm'

type Line = Schemas['InventoryLineResponse']

/** What belongs to the car: on it, loose in boxes, or nowhere. */
export function InventoryPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const nameOf = useZoneNames(projectId)
  const body = useQuery(drawingQuery(projectId))
  const lines = useQuery({
    queryKey: ['inventory', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/inventory', { params: { path: { projectId } } })),
  })
  const [counting, setCounting] = useState<Line['line'] | 'new'>()
  const [missing, setMissing] = useState<string>()
  return (
    <Loaded query={lines} what={t('boxes.loading')}>
      {(all) => (
        <Page
          title={t('boxes.title')}
          answer={<Answer lines={all} />}
          action={
            <button type="button" className="btn btn-primary" onClick={() => setCounting('new')}>
              <Plus className="size-5" aria-hidden="true" />
              {t('boxes.add')}
            </button>
          }
        >
          <div className="grid gap-x-10 md:grid-cols-2">
            {[...groupBy(all, (l) => l.line.zone)].map(([zone, here]) => (
              <Part key={zone} title={nameOf(zone)}>
                <ul>
                  {here.map((l) => (
                    <LineItem
                      key={l.line.id}
                      line={l}
                      onCount={() => setCounting(l.line)}
                      onMissing={() => setMissing(zone)}
                    />
                  ))}
                </ul>
              </Part>
            ))}
          </div>
          {counting && body.data && (
            <CountForm
              projectId={projectId}
              zones={body.data.zones.map((z) => z.id)}
              nameOf={nameOf}
              {...(counting !== 'new' && { line: counting })}
              onClose={() => setCounting(undefined)}
            />
          )}
          {missing && (
            <NewFinding
              projectId={projectId}
              zone={missing}
              zoneName={nameOf(missing)}
              onClose={() => setMissing(undefined)}
            />
          )}
        </Page>
      )}
    </Loaded>
  )
}

function Answer({ lines }: { lines: Line[] }) {
  const { t } = useTranslation()
  const short = lines.filter((l) => l.toObtain > 0)
  const loose = lines.reduce((sum, l) => sum + l.line.loose, 0)
  if (lines.length === 0) return t('boxes.none')
  return (
    <>
      {short.length > 0
        ? t('boxes.short', {
            count: short.length,
            what: `${short[0]!.toObtain} × ${short[0]!.line.name}`,
            more: short.length - 1,
          })
        : t('boxes.complete')}{' '}
      {loose > 0 && t('boxes.looseOnes', { count: loose })}
    </>
  )
}

function LineItem({ line: l, onCount, onMissing }: { line: Line; onCount: () => void; onMissing: () => void }) {
  const { t } = useTranslation()
  return (
    <li className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-base-300 py-2">
      <span className="min-w-40 grow">
        <span className="font-semibold">{l.line.name}</span>
        {l.line.box && <span className="quiet"> · {l.line.box}</span>}
        <span className="block text-sm">
          {t('boxes.expected')} {l.line.expected} · {t('boxes.onVehicle')} {l.line.onVehicle} · {t('boxes.loose')}{' '}
          {l.line.loose}
          {l.spare > 0 && ` · ${t('boxes.spare', { count: l.spare })}`}
        </span>
      </span>
      {l.toObtain > 0 && (
        <span className="font-semibold">
          {t('boxes.toObtain')}: {l.toObtain}
        </span>
      )}
      <span className="flex">
        {l.toObtain > 0 && (
          <button type="button" className="btn btn-ghost" onClick={onMissing}>
            {t('boxes.record')}
          </button>
        )}
        <button type="button" className="btn btn-ghost" onClick={onCount}>
          {t('boxes.again')}
        </button>
      </span>
    </li>
  )
}
