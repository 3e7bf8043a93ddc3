import { queryOptions, useQuery } from '@tanstack/react-query'
import { useParams, useSearchParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { api, unwrap } from '@/api/client'
import { Empty, Loaded } from '@/ui/page/Feedback'
import { Further, Page, Part } from '@/ui/page/Page'
import { useFormat } from '@/ui/format/format'
import { GivenAwayList } from '../givenaway/GivenAwayList'
import { FixedTimes } from './FixedTimes'
import { SentOutCard, type SentOut } from './SentOutCard'
import { SentOutForm } from './SentOutForm'
import { TravelRates } from './TravelRates'
import { TripCompare } from './TripCompare'

const sentOutWorkQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['sentOutWork', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/sent-out', { params: { path: { projectId } } })),
  })

/** What goes out to somebody, and the times that are fixed. */
export function SentOutPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const sentOutWork = useQuery(sentOutWorkQuery(projectId))
  const [params, setParams] = useSearchParams()
  return (
    <Loaded query={sentOutWork} what={t('away.loading')}>
      {({ sentOutWork: all, thousandKmMinor, hourMinor }) => (
        <Page
          title={t('away.title')}
          words={['sentOut']}
          answer={<Answer all={all} />}
          action={
            <button type="button" className="btn btn-primary" onClick={() => setParams({ send: 'new' })}>
              <Plus className="size-5" aria-hidden="true" />
              {t('away.add')}
            </button>
          }
        >
          <div className="grid gap-x-10 lg:grid-cols-[3fr_2fr]">
            <div>
              {all.length === 0 && <Empty title={t('away.emptyTitle')}>{t('away.empty')}</Empty>}
              {all.map((s) => (
                <SentOutCard key={s.row.id} projectId={projectId} sentOut={s} />
              ))}
            </div>
            <div>
              <GivenAwayList projectId={projectId} />
              <FixedTimes projectId={projectId} />
              <details className="mb-6">
                <summary className="cursor-pointer py-2 font-semibold">{t('trip.title')}</summary>
                <TripCompare projectId={projectId} />
              </details>
              {thousandKmMinor !== undefined && hourMinor !== undefined && (
                <Part title={t('away.rates')}>
                  <TravelRates thousandKmMinor={thousandKmMinor} hourMinor={hourMinor} />
                </Part>
              )}
            </div>
          </div>
          {params.has('send') && <SentOutForm projectId={projectId} onClose={() => setParams({})} />}
        </Page>
      )}
    </Loaded>
  )
}

function Answer({ all }: { all: SentOut[] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const late = all.filter((s) => s.late)
  const away = all.filter((s) => s.row.state === 'AWAY' && !s.late)
  const toSend = all.filter((s) => s.row.state === 'TO_SEND' || s.row.state === 'REFUSED')
  const missing = all.filter((s) => s.missing > 0)
  if (all.length === 0) return t('away.nothing')
  const [first, ...further] = [
    late[0] && t('away.late', { what: late[0].row.title, day: format.day(late[0].row.expectedOn!) }),
    missing[0] && t('away.missing', { what: missing[0].row.title, count: missing[0].missing }),
    away[0] && t('away.isAway', { what: away[0].row.title, day: format.day(away[0].row.expectedOn!) }),
    toSend[0] &&
      (toSend[0].blockedBy
        ? t('away.blocked', { what: toSend[0].row.title, job: toSend[0].blockedBy })
        : t('away.ready', { what: toSend[0].row.title })),
  ].filter(Boolean)
  return (
    <>
      {first}
      {further.length > 0 && <Further>{further.join(' ')}</Further>}
    </>
  )
}
