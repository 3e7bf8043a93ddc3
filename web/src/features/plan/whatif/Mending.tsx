import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap } from '@/api/client'
import { Loaded } from '@/ui/page/Feedback'
import { hours, useFormat } from '@/ui/format/format'

/** Where something has no date: the least change of each kind that would give it one. Worked out when asked, since it takes a moment. */
export function Mending({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const [asked, setAsked] = useState(false)
  if (!asked)
    return (
      <button type="button" className="btn mt-2" onClick={() => setAsked(true)}>
        {t('dates.whatWould')}
      </button>
    )
  return <Answer projectId={projectId} />
}

function Answer({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const format = useFormat()
  const mending = useQuery({
    queryKey: ['plan', projectId, 'mending'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/plan/mending', { params: { path: { projectId } } })),
  })
  return (
    <Loaded query={mending} what={t('dates.searching')}>
      {(all) =>
        all.length === 0 ? (
          <p className="mt-2">{t('dates.nothingAlone')}</p>
        ) : (
          <ul className="mt-2 list-disc pl-5">
            {all.map((r) => (
              <li key={r.kind}>
                {t(`dates.mend.${r.kind}`, {
                  count: r.amount,
                  money: format.money(r.amount, format.currency),
                  hours: hours(r.amount),
                })}
              </li>
            ))}
          </ul>
        )
      }
    </Loaded>
  )
}
