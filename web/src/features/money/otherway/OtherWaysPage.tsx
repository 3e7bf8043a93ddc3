import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { useTranslation } from 'react-i18next'
import { Plus } from 'lucide-react'
import { useFormat } from '@/ui/format/format'
import { Loaded } from '@/ui/page/Feedback'
import { Further, Page } from '@/ui/page/Page'
import { WayDetails } from './WayDetails'
import { WayForm } from './WayForm'
import { WayTable } from './WayTable'
import { otherWaysQuery, type OtherWays } from './queries'
import { useDifference } from './useDifference'

const MOST = 3

/** The plan, and other ways to do the same car beside it. */
export function OtherWaysPage() {
  const { projectId = '' } = useParams()
  const { t } = useTranslation()
  const format = useFormat()
  const ways = useQuery(otherWaysQuery(projectId))
  const [adding, setAdding] = useState(false)
  return (
    <Loaded query={ways} what={t('way.loading')}>
      {(w) => (
        <Page
          title={t('way.title')}
          answer={<WaysAnswer ways={w} />}
          action={
            w.others.length < MOST && (
              <button type="button" className="btn btn-primary" onClick={() => setAdding(true)}>
                <Plus className="size-5" aria-hidden="true" />
                {t('way.add')}
              </button>
            )
          }
        >
          {w.others.length === 0 ? (
            <p className="max-w-2xl">{t('way.why')}</p>
          ) : (
            <>
              {!w.finished && (
                <label className="mb-4 block" role="status">
                  <span className="block">
                    {t('way.running', { done: format.number(w.done), runs: format.number(w.runs) })}
                  </span>
                  <progress className="progress w-full max-w-md" value={w.done} max={w.runs} />
                </label>
              )}
              {w.others.length === MOST && <p className="mb-3">{t('way.full')}</p>}
              {w.asPlanned.notBefore && <p className="mb-3">{t('way.notBefore')}</p>}
              <WayTable ways={w} />
              <p className="quiet mb-6 mt-2 text-sm">{t('way.how', { runs: format.number(w.runs) })}</p>
              <div className="grid gap-x-10 lg:grid-cols-2">
                {w.others.map((way) => (
                  <WayDetails
                    key={way.said!.id}
                    projectId={projectId}
                    way={way}
                    said={way.said!}
                    currency={w.currency}
                  />
                ))}
              </div>
            </>
          )}
          {adding && <WayForm projectId={projectId} currency={w.currency} onClose={() => setAdding(false)} />}
        </Page>
      )}
    </Loaded>
  )
}

function WaysAnswer({ ways: w }: { ways: OtherWays }) {
  const { t } = useTranslation()
  const says = useDifference(w.currency, w.finished)
  if (w.others.length === 0) return <>{t('way.ask')}</>
  const sentence = (way: OtherWays['others'][number]) =>
    t('way.biggest', {
      name: way.said!.name,
      differs: [says.days(way), says.money(way)].filter(Boolean).join(', '),
    })
  const [first, ...rest] = w.others
  return (
    <>
      {sentence(first!)}
      {rest.length > 0 && <Further>{rest.map(sentence).join(' ')}</Further>}
    </>
  )
}
