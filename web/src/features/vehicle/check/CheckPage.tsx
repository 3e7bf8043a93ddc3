import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { drawingQuery, findingsQuery } from '@/api/queries'
import { Loaded } from '@/ui/page/Feedback'
import { Page } from '@/ui/page/Page'
import { Face, UnrolledCar, type Body } from '@/ui/drawing/CarDrawing'
import { percent } from '@/ui/format/format'
import { useZoneNames } from '@/ui/format/names/zones'
import { CheckCard } from './CheckCard'
import { Events } from '../event/Events'
import { PlaceList } from '../drawing/PlaceList'
import { Sleep } from '../sleep/Sleep'
import { AskFirst } from '../equipment/AskFirst'
import { checksQuery, nextUnanswered, type Walk } from './checkWalk'
import { marksOf } from '../finding/findingMarks'

/** One check after another in walking order, and how much is still unseen. */
export function CheckPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const body = useQuery(drawingQuery(projectId))
  const walk = useQuery(checksQuery(projectId))
  return (
    <Loaded query={body} what={t('check.loading')}>
      {(drawing) => (
        <Loaded query={walk} what={t('check.loading')}>
          {(w) => <Checks projectId={projectId} body={drawing} walk={w} />}
        </Loaded>
      )}
    </Loaded>
  )
}

function Checks({ projectId, body, walk }: { projectId: string; body: Body; walk: Walk }) {
  const { t } = useTranslation()
  const zoneName = useZoneNames(projectId)
  const [params, setParams] = useSearchParams()
  const findings = useQuery(findingsQuery(projectId))
  const nameOf = (place: string) => (place === 'papers' || place === 'road' ? t(`check.${place}`) : zoneName(place))
  // Where one stands: the step named in the address, or the first one left at the place named there, or the first one left.
  const asked = params.get('place')
  const named = walk.steps.findIndex((s) => s.place === asked && s.checkId === params.get('check'))
  const firstHere = walk.steps.findIndex((s) => s.place === asked && !s.seen)
  const anyHere = walk.steps.findIndex((s) => s.place === asked)
  const at = [named, firstHere, anyHere, nextUnanswered(walk.steps, -1)].find((i) => i >= 0) ?? -1
  const step = walk.steps[at]
  const go = (index: number) => {
    const next = walk.steps[index]
    // at once: an answer that arrives before the address has changed would be taken for one at the next check
    setParams(next ? { place: next.place, check: next.checkId } : {}, { replace: true, flushSync: true })
  }
  const left = walk.steps.filter((s) => !s.seen).length
  const share = new Map(walk.places.map((p) => [p.place, p.unseen]))
  const [pointed, setPointed] = useState<string>()
  const drawing = {
    body,
    marks: marksOf(findings.data ?? []),
    nameOf,
    unseen: (zone: string) => share.get(zone) ?? 0,
    onPress: (zone: string) => setParams({ place: zone }),
    onPoint: setPointed,
    ...(step?.zone ? { selected: step.zone } : {}),
  }
  const suspects = {
    projectId,
    steps: walk.steps,
    nameOf,
    onGo: (check: string, place: string) => setParams({ place, check }),
  }
  const view = body.views.find((v) => v.id === body.zones.find((z) => z.id === step?.zone)?.view)
  return (
    <Page
      title={t('check.title')}
      words={['check', 'safetyClass']}
      answer={<LeftSentence left={left} unseen={walk.unseen} />}
    >
      <div className="grid grid-cols-[minmax(0,1fr)] gap-6 lg:grid-cols-[26rem_minmax(0,1fr)]">
        <div className="grid content-start gap-4">
          <AskFirst projectId={projectId} questions={walk.questions} />
          {step ? (
            <CheckCard
              key={`${step.place} ${step.checkId}`}
              projectId={projectId}
              walk={walk}
              at={at}
              nameOf={nameOf}
              onGo={go}
            />
          ) : (
            <p>{t('check.noneLeft')}</p>
          )}
          {walk.lookNext && walk.lookNext !== step?.place && (
            <p>
              {t('check.lookNext', { place: nameOf(walk.lookNext) })}{' '}
              <button type="button" className="link" onClick={() => setParams({ place: walk.lookNext! })}>
                {t('check.go')}
              </button>
            </p>
          )}
          <Events {...suspects} />
          <Sleep {...suspects} />
        </div>
        <div>
          <div className="hidden md:block">
            <UnrolledCar {...drawing} />
          </div>
          {view && (
            <div className="md:hidden">
              <Face {...drawing} view={view} />
            </div>
          )}
          <p className="quiet my-2 text-sm">{pointed ? nameOf(pointed) : t('check.legend')}</p>
          <Tally tally={walk.tally} />
          <details>
            <summary className="cursor-pointer py-2 font-semibold">{t('check.places')}</summary>
            <PlaceList places={walk.places} nameOf={nameOf} onPress={(place) => setParams({ place })} />
          </details>
        </div>
      </div>
    </Page>
  )
}

function LeftSentence({ left, unseen }: { left: number; unseen: number }) {
  const { t } = useTranslation()
  if (unseen === 0) return t('check.allSeen')
  return left > 0
    ? t('check.left', { count: left, share: percent(unseen) })
    : t('check.allDone', { share: percent(unseen) })
}

/** What became of the items so far. */
function Tally({ tally: { replace: toReplace, ...tally } }: { tally: Walk['tally'] }) {
  const { t } = useTranslation() // which keeps the name "replace" for itself
  return <p className="my-2">{t('check.tally', { ...tally, toReplace })}</p>
}
