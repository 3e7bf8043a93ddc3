import { useQuery } from '@tanstack/react-query'
import { Link, useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap } from '@/api/client'
import { projectQuery } from '@/api/queries'
import { CarPicture } from '@/ui/photos/CarPicture'
import { useFormat } from '@/ui/format/format'
import { Cautions } from '@/ui/safety/Cautions'
import { useTitle } from '@/ui/page/useTitle'
import { Loaded } from '@/ui/page/Feedback'
import { FirstLine } from './FirstLine'
import { EveningSentence, WorkSessionBegun } from './WorkSessionBegun'
import { ToGather } from './ToGather'
import { OtherWorkSession } from './OtherWorkSession'
import { InTheWay, NoteToSelf, PartList, RoadChain } from '../evidence'
import {
  EightInTenSentence,
  LeftOutSentence,
  OutstandingSentence,
  MoneyBackList,
  MoneySentence,
  PartSentence,
  RoadSentence,
  TargetSentence,
  type Today,
} from '../sentences'

/** The front page: where everything stands, in sentences. */
export function TodayPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const today = useQuery({
    queryKey: ['today', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/today', { params: { path: { projectId } } })),
  })
  return (
    <Loaded query={today} what={t('today.loading')}>
      {(data) => <Bench today={data} projectId={projectId} />}
    </Loaded>
  )
}

function Picture({ projectId }: { projectId: string }) {
  const { data: project } = useQuery(projectQuery(projectId))
  return (
    project && (
      <CarPicture
        vehicleId={project.vehicleId}
        name={project.vehicleName}
        className="hidden h-20 w-28 shrink-0 md:block"
      />
    )
  )
}

/** Each sentence heads its own sheet, what it rests on lies under it. At the desk the road comes first, on a phone the evening. */
function Bench({ today, projectId }: { today: Today; projectId: string }) {
  const { t } = useTranslation()
  useTitle(t('today.title'))
  return (
    <main
      id="content"
      className="one-sheet mx-auto grid w-full max-w-[78rem] grid-cols-[minmax(0,1fr)] gap-8 px-4 pb-28 pt-5 md:px-6 md:pb-10 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]"
    >
      <h1 className="sr-only">{t('today.title')}</h1>
      <section
        className="no-print order-2 border-y-2 border-base-content py-4 lg:order-1 lg:col-span-2 lg:border-t-0 lg:pt-0"
        aria-label={t('today.roadPart')}
      >
        <div className="flex items-start justify-between gap-4">
          <p className="answer max-w-5xl">
            <RoadSentence today={today} />
          </p>
          <Picture projectId={projectId} />
        </div>
        <p className="quiet mt-1">
          <EightInTenSentence today={today} /> <TargetSentence today={today} /> <LeftOutSentence today={today} />{' '}
          <OutstandingSentence today={today} />
        </p>
        {today.dangerousWithoutWork === 0 && <RoadChain today={today} />}
      </section>
      <section className="order-1 grid content-start gap-3 lg:order-2">
        <PaperHead today={today} projectId={projectId} />
        <h2 className="answer">
          <EveningSentence today={today} />
        </h2>
        {(today.openJobs === 0 || !today.tonight) && <FirstLine today={today} />}
        <NoteToSelf today={today} />
        <ToGather today={today} />
        {today.tonight && (
          <div className="hidden print:block">
            <Cautions cautions={today.tonight.cautions} />
          </div>
        )}
        <WorkSessionBegun today={today} />
        <ByHand />
        <OtherWorkSession minutes={today.tonight?.minutes ?? 120} />
      </section>
      <div className="order-3 grid content-start gap-7">
        <section>
          <h2 className="mb-1 text-lg">
            <PartSentence today={today} />
          </h2>
          <PartList today={today} />
        </section>
        {(today.leftThisMonthMinor !== undefined || today.moneyBack.length > 0) && (
          <section className="no-print">
            <h2 className="mb-1 text-lg">
              <MoneySentence today={today} />
            </h2>
            <MoneyBackList today={today} />
            <Link className="link" to={`/p/${projectId}/money`}>
              {t('today.seeMoney')}
            </Link>
          </section>
        )}
        <section className="no-print">
          <h2 className="mb-1 text-lg">{t('today.roadPart')}</h2>
          <InTheWay today={today} />
        </section>
      </div>
    </main>
  )
}

/** On paper: which car, and for which day. */
function PaperHead({ today, projectId }: { today: Today; projectId: string }) {
  const format = useFormat()
  const { data: project } = useQuery(projectQuery(projectId))
  return (
    <p className="hidden font-semibold print:block">
      {[project?.vehicleName, format.dayAndYear(today.tonight?.day ?? today.today)].filter(Boolean).join(', ')}
    </p>
  )
}

/** On paper: room to write what was done, to be logged later. */
function ByHand() {
  const { t } = useTranslation()
  return (
    <div className="hidden print:block">
      {(['workSession.done', 'workSession.noteToSelf'] as const).map((what) => (
        <div key={what} className="mb-4">
          <p className="font-semibold">{t(what)}</p>
          {[1, 2].map((line) => (
            <div key={line} className="h-9 border-b border-base-content" />
          ))}
        </div>
      ))}
    </div>
  )
}
