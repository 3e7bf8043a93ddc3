import { useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { drawingQuery } from '@/api/queries'
import { Loaded } from '@/ui/page/Feedback'
import { Further, Page } from '@/ui/page/Page'
import { useZoneNames } from '@/ui/format/names/zones'
import { MeasuredCard } from './MeasuredCard'
import { MeasurandForm } from '../measurand/MeasurandForm'
import { OwnMeasurands } from '../measurand/OwnMeasurands'
import { ReadingForm } from './form/ReadingForm'
import { readingsQuery, type Readings } from './readings'

const gravity = { OUTSIDE: 0, NOT_JUDGED: 1, WATCH: 2, WITHIN: 3 } as const

/** What was measured, the worst first, and what it means. */
export function ReadingsPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const body = useQuery(drawingQuery(projectId))
  const readings = useQuery(readingsQuery(projectId))
  const zoneName = useZoneNames(projectId)
  const nameOf = (place: string) => (place === 'papers' || place === 'road' ? t(`check.${place}`) : zoneName(place))
  const [params, setParams] = useSearchParams()
  const close = () => setParams({})
  return (
    <Loaded query={readings} what={t('reading.loading')}>
      {(r) => (
        <Page
          title={t('reading.title')}
          words={['reading']}
          answer={<Answer readings={r} nameOf={nameOf} />}
          action={
            <>
              <button type="button" className="btn btn-primary" onClick={() => setParams({ new: '1' })}>
                <Plus className="size-5" aria-hidden="true" />
                {t('reading.add')}
              </button>
              <button type="button" className="btn" onClick={() => setParams({ own: '1' })}>
                {t('own.add')}
              </button>
            </>
          }
        >
          <div className="grid gap-4 md:grid-cols-2">
            {[...r.measured]
              .sort((a, b) => rank(a) - rank(b))
              .map((m) => (
                <MeasuredCard
                  key={`${m.limitId} ${m.place}`}
                  measured={m}
                  limit={r.limits.find((l) => l.id === m.limitId)!}
                  place={nameOf(m.place)}
                  projectId={projectId}
                />
              ))}
          </div>
          <OwnMeasurands projectId={projectId} readings={r} />
          {params.has('own') && (
            <MeasurandForm projectId={projectId} onDone={(limit) => setParams({ new: '1', limit })} onClose={close} />
          )}
          {params.has('new') && body.data && (
            <ReadingForm
              projectId={projectId}
              readings={r}
              places={[...body.data.zones.map((z) => z.id), 'road']}
              nameOf={nameOf}
              limitId={params.get('limit')}
              at={params.get('place')}
              onClose={close}
            />
          )}
        </Page>
      )}
    </Loaded>
  )
}

const rank = (m: Readings['measured'][number]) => (m.judged ? gravity[m.judged.outcome] : 2.5)

function Answer({ readings: r, nameOf }: { readings: Readings; nameOf: (place: string) => string }) {
  const { t } = useTranslation()
  const of = (outcome: keyof typeof gravity) => r.measured.filter((m) => m.judged?.outcome === outcome)
  const outside = of('OUTSIDE')
  if (r.measured.length === 0) return t('reading.none')
  const names = outside.map((m) => `${r.limits.find((l) => l.id === m.limitId)!.name} (${nameOf(m.place)})`)
  const more = names.length - 1
  const what = names[0] + (more > 0 ? ` ${t('reading.andMore', { count: more })}` : '')
  return (
    <>
      {outside.length > 0 ? t('reading.outside', { count: outside.length, what }) : t('reading.allWithin')}{' '}
      <Further>
        {of('WATCH').length > 0 && t('reading.watch', { count: of('WATCH').length })}{' '}
        {of('NOT_JUDGED').length > 0 && t('reading.notJudged', { count: of('NOT_JUDGED').length })}
      </Further>
    </>
  )
}
