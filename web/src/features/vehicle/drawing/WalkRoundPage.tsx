import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Link, useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { ListChecks } from 'lucide-react'
import { drawingQuery, findingsQuery } from '@/api/queries'
import { Loaded } from '@/ui/page/Feedback'
import { Further, Page } from '@/ui/page/Page'
import type { Body } from '@/ui/drawing/CarDrawing'
import { CarMap } from '@/ui/drawing/CarMap'
import { useZoneNames } from '@/ui/format/names/zones'
import { FindingList } from '../finding/FindingList'
import { FindingSheet } from '../finding/FindingSheet'
import { NewFinding } from '../finding/form/NewFinding'
import { checksQuery, type Walk } from '../check/checkWalk'
import { isOver, marksOf } from '../finding/findingMarks'
import type { Schemas } from '@/api/client'

/** Round the car: press where something is wrong. */
export function WalkRoundPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const body = useQuery(drawingQuery(projectId))
  const findings = useQuery(findingsQuery(projectId))
  return (
    <Loaded query={body} what={t('walk.loading')}>
      {(drawing) => (
        <Loaded query={findings} what={t('walk.loading')}>
          {(found) => <WalkRound projectId={projectId} body={drawing} findings={found} />}
        </Loaded>
      )}
    </Loaded>
  )
}

function WalkRound({
  projectId,
  body,
  findings,
}: {
  projectId: string
  body: Body
  findings: Schemas['FindingRow'][]
}) {
  const { t } = useTranslation()
  const nameOf = useZoneNames(projectId)
  const walk = useQuery(checksQuery(projectId))
  const [params, setParams] = useSearchParams()
  const zone = params.get('zone') ?? undefined
  const open = params.get('finding') ?? undefined
  const adding = params.get('new') ?? undefined
  const show = (next: Record<string, string>) => setParams(next, { replace: false })
  const here = zone ? findings.filter((f) => f.zone === zone) : findings
  const press = (pressed: string) => {
    const isNew = findings.every((f) => f.zone !== pressed)
    show(pressed === zone ? {} : { zone: pressed, ...(isNew && { new: pressed }) })
  }
  const [pointed, setPointed] = useState<string>()
  const drawing = {
    body,
    marks: marksOf(findings),
    nameOf,
    onPress: press,
    onPoint: setPointed,
    ...(zone ? { selected: zone } : {}),
  }
  return (
    <Page
      title={t('walk.title')}
      words={['finding', 'safetyClass', 'check']}
      answer={<WalkAnswer findings={findings} walk={walk.data} nameOf={nameOf} />}
      action={
        <Link className="btn" to={`/p/${projectId}/walk/checks${zone ? `?place=${zone}` : ''}`}>
          <ListChecks className="size-5" aria-hidden="true" />
          {t('check.open')}
        </Link>
      }
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <div>
          <CarMap {...drawing} />
          <p className="quiet mt-2 min-h-10 text-sm">{pointed ? nameOf(pointed) : t('walk.legend')}</p>
        </div>
        <div>
          <FindingList
            projectId={projectId}
            findings={here}
            nameOf={nameOf}
            {...(zone ? { zone } : {})}
            onOpen={(id) => show({ ...(zone ? { zone } : {}), finding: id })}
            onAdd={(of) => show({ ...(zone ? { zone } : {}), new: of })}
            onAll={() => show({})}
          />
        </div>
      </div>
      {adding && (
        <NewFinding
          projectId={projectId}
          zone={adding}
          zoneName={nameOf(adding)}
          onClose={() => show(zone ? { zone } : {})}
        />
      )}
      {open && findings.some((f) => f.id === open) && (
        <FindingSheet
          finding={findings.find((f) => f.id === open)!}
          all={findings}
          nameOf={nameOf}
          onClose={() => show(zone ? { zone } : {})}
        />
      )}
    </Page>
  )
}

/** What here can hurt somebody, first; then how much nobody has seen. */
function WalkAnswer({
  findings,
  walk,
  nameOf,
}: {
  findings: Schemas['FindingRow'][]
  walk: Walk | undefined
  nameOf: (zone: string) => string
}) {
  const { t } = useTranslation()
  const open = findings.filter((f) => !isOver(f))
  const dangerous = open.filter((f) => f.safetyClass === 'A')
  const before = open.filter((f) => f.safetyClass === 'B')
  if (findings.length === 0) return t('walk.nothingYet')
  const traps = walk && t('walk.traps', { count: walk.openTraps })
  return (
    <>
      {dangerous.length > 0
        ? t('walk.dangerous', {
            count: dangerous.length,
            more: dangerous.length - 1,
            zones: nameOf(dangerous[0]!.zone),
          })
        : t('walk.nothingDangerous')}{' '}
      {before.length > 0 && t('walk.beforeRoad', { count: before.length })}{' '}
      {/* without danger what nobody saw belongs to the headline: it must not soothe */}
      {walk && walk.openTraps > 0 && (dangerous.length > 0 ? <Further>{traps}</Further> : traps)}
    </>
  )
}
