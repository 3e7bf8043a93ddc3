import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { Link } from 'react-router'
import { useTranslation } from 'react-i18next'
import { api, unwrap } from '@/api/client'
import { Loaded } from '@/ui/page/Feedback'
import { MilestoneMoves } from '../schedule/offers/MilestoneMoves'

/** What one could do to be done sooner, each planned. Worked out when asked, since it takes a moment. */
export function Sooner({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const [asked, setAsked] = useState(false)
  const sooner = useQuery({
    queryKey: ['plan', projectId, 'sooner'],
    enabled: asked,
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/plan/sooner', { params: { path: { projectId } } })),
  })
  return (
    <details className="mb-4" onToggle={(e) => setAsked(e.currentTarget.open)}>
      <summary className="cursor-pointer py-2 font-semibold">{t('dates.sooner')}</summary>
      {asked && (
        <Loaded query={sooner} what={t('dates.searching')}>
          {(all) => (
            <>
              <ul className="grid gap-x-8 gap-y-3 sm:grid-cols-2 lg:grid-cols-3">
                {all.map((s) => (
                  <li key={s.kind + (s.place?.id ?? '')}>
                    <h3 className="font-semibold">{t(`dates.soonerBy.${s.kind}`, { place: s.place?.title ?? '' })}</h3>
                    <MilestoneMoves move={s.move} />
                  </li>
                ))}
              </ul>
              <p className="quiet mt-2">
                {t('dates.soonerElse')}{' '}
                <Link className="link" to="/garage">
                  {t('dates.toGarage')}
                </Link>{' '}
                <Link className="link" to={`/p/${projectId}/money/other-ways`}>
                  {t('way.fromPlan')}
                </Link>
              </p>
            </>
          )}
        </Loaded>
      )}
    </details>
  )
}
