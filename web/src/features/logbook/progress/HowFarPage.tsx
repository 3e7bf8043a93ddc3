import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { drawingQuery } from '@/api/queries'
import { CarMap } from '@/ui/drawing/CarMap'
import type { Body } from '@/ui/drawing/CarDrawing'
import { useZoneName } from '@/ui/format/names/zones'
import { hours } from '@/ui/format/format'
import { Empty, Loaded } from '@/ui/page/Feedback'
import { Further, Page, Part } from '@/ui/page/Page'
import { PhaseHours } from './PhaseHours'
import { progressQuery, type Progress } from './queries'
import { guessed } from './guessed'

/** The car, filled as far as the work on each place is done; hours thought and worked by phase. */
export function HowFarPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const progress = useQuery(progressQuery(projectId))
  const { data: body } = useQuery(drawingQuery(projectId))
  return (
    <Loaded query={progress} what={t('progress.loading')}>
      {(p) => (
        <Page title={t('progress.howFar')} answer={<HowFarAnswer progress={p} />}>
          {p === null ? (
            <Empty title={t('progress.emptyTitle')}>
              <Link className="link" to={`/p/${projectId}/logbook?new=1`}>
                {t('progress.empty')}
              </Link>
            </Empty>
          ) : (
            <div className="grid gap-x-10 grid-cols-[minmax(0,1fr)] lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
              {body && <Filled projectId={projectId} body={body} places={p.places} />}
              <Part title={t('progress.byPhase')}>
                <PhaseHours phases={p.phases} />
              </Part>
            </div>
          )}
        </Page>
      )}
    </Loaded>
  )
}

function HowFarAnswer({ progress }: { progress: Progress | null }) {
  const { t } = useTranslation()
  if (!progress) return <>{t('progress.nothingYet')}</>
  const { whole } = progress
  const left = progress.phases.find((f) => f.jobsDone < f.jobs)
  return (
    <>
      {t('progress.isSoFar', {
        percent: whole.percent,
        done: whole.jobsDone,
        count: whole.jobs,
        hours: hours(guessed(whole.leftMinutes)),
      })}
      {left && (
        <Further>
          {t('progress.firstOpen', { phase: t(`phase.${left.phase}`), done: left.jobsDone, count: left.jobs })}
        </Further>
      )}
    </>
  )
}

function Filled({ projectId, body, places }: { projectId: string; body: Body; places: Progress['places'] }) {
  const { t } = useTranslation()
  const nameOf = useZoneName()
  const [at, setAt] = useState<string>()
  const of = (zone: string) => places.find((p) => p.zone === zone)
  const says = (zone: string) => {
    const there = of(zone)
    return there
      ? t('progress.placeSays', { place: nameOf(body, zone), done: there.jobsDone, count: there.jobs })
      : t('progress.nothingThere', { place: nameOf(body, zone) })
  }
  return (
    <section aria-label={t('progress.onTheCar')}>
      <CarMap
        body={body}
        marks={places.filter((p) => p.jobsDone < p.jobs).map((p) => ({ zone: p.zone, count: p.jobs - p.jobsDone }))}
        done={(zone) => {
          const there = of(zone)
          return there && there.percent / 100
        }}
        nameOf={(zone) => (of(zone) ? says(zone) : nameOf(body, zone))}
        sayMark={(m) => says(m.zone)}
        {...(at && { selected: at })}
        onPress={(zone) => setAt(zone === at ? undefined : zone)}
      />
      <p className="my-2 min-h-11" role="status">
        {at ? (
          <>
            {says(at)}{' '}
            {of(at) && (
              <Link className="link" to={`/p/${projectId}/work`}>
                {t('progress.toJobs')}
              </Link>
            )}
          </>
        ) : (
          <span className="quiet">{t('progress.legend')}</span>
        )}
      </p>
    </section>
  )
}
