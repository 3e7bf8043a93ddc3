import { useState } from 'react'
import { queryOptions, useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { api, unwrap } from '@/api/client'
import { Empty, Loaded } from '@/ui/Feedback'
import { Page, Part } from '@/ui/Page'
import { useFormat } from '@/ui/format'
import { FixedTimes } from './FixedTimes'
import { SendOutCard, type SendOut } from './SendOutCard'
import { SendOutForm } from './SendOutForm'
import { TravelRates } from './TravelRates'

const sendOutsQuery = (projectId: string) =>
  queryOptions({
    queryKey: ['sendOuts', projectId],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/send-outs', { params: { path: { projectId } } })),
  })

/** What goes out to somebody, and the times that are fixed. */
export function AwayPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const sendOuts = useQuery(sendOutsQuery(projectId))
  const [adding, setAdding] = useState(false)
  return (
    <Loaded query={sendOuts} what={t('away.loading')}>
      {({ sendOuts: all, kmMinor, hourMinor }) => (
        <Page
          title={t('away.title')}
          answer={<Answer all={all} />}
          action={
            <button type="button" className="btn btn-primary" onClick={() => setAdding(true)}>
              <Plus className="size-5" aria-hidden="true" />
              {t('away.add')}
            </button>
          }
        >
          <div className="grid gap-x-10 lg:grid-cols-[3fr_2fr]">
            <div>
              {all.length === 0 && <Empty title={t('away.emptyTitle')}>{t('away.empty')}</Empty>}
              {all.map((s) => (
                <SendOutCard key={s.row.id} projectId={projectId} sendOut={s} />
              ))}
            </div>
            <div>
              <FixedTimes projectId={projectId} />
              <Part title={t('away.rates')}>
                <TravelRates kmMinor={kmMinor} hourMinor={hourMinor} />
              </Part>
            </div>
          </div>
          {adding && <SendOutForm projectId={projectId} onClose={() => setAdding(false)} />}
        </Page>
      )}
    </Loaded>
  )
}

function Answer({ all }: { all: SendOut[] }) {
  const { t } = useTranslation()
  const format = useFormat()
  const late = all.filter((s) => s.late)
  const away = all.filter((s) => s.row.state === 'AWAY' && !s.late)
  const toSend = all.filter((s) => s.row.state === 'TO_SEND' || s.row.state === 'REFUSED')
  const missing = all.filter((s) => s.missing > 0)
  if (all.length === 0) return t('away.nothing')
  return (
    <>
      {late[0] && t('away.late', { what: late[0].row.title, day: format.day(late[0].row.expectedOn!) })}{' '}
      {missing[0] && t('away.missing', { what: missing[0].row.title, count: missing[0].missing })}{' '}
      {away[0] && t('away.isAway', { what: away[0].row.title, day: format.day(away[0].row.expectedOn!) })}{' '}
      {toSend[0] &&
        (toSend[0].blockedBy
          ? t('away.blocked', { what: toSend[0].row.title, job: toSend[0].blockedBy })
          : t('away.ready', { what: toSend[0].row.title }))}
    </>
  )
}
