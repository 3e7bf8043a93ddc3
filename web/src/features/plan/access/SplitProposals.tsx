import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap } from '@/api/client'
import { Part } from '@/ui/page/Page'
import { accessOf, type VehicleAccess } from './access'
import { SplitOffer } from './SplitOffer'

/** Openings that wait for a fixed time, though only some of their jobs have to. */
export function SplitProposals({ vehicleAccess, projectId }: { vehicleAccess: VehicleAccess; projectId: string }) {
  const { t } = useTranslation()
  const [asked, setAsked] = useState<string>()
  const { data } = useQuery({
    queryKey: ['plan', projectId, 'splits'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/plan/splits', { params: { path: { projectId } } })),
  })
  const proposals = (data ?? []).flatMap((p) => {
    const stripDown = vehicleAccess.stripDowns.find((o) => o.stripDown === p.stripDown)
    return stripDown ? [{ ...p, its: stripDown }] : []
  })
  if (proposals.length === 0) return null
  return (
    <Part title={t('access.couldBeTwo')}>
      <ul>
        {proposals.map((p) => (
          <li key={p.stripDown} className="border-b border-base-300 py-2 last:border-0">
            <div className="flex items-center gap-3">
              <span className="grow">
                {t('access.splitProposal', {
                  what: accessOf(vehicleAccess, p.its.access).name,
                  because: p.because.title,
                  jobs: p.leaving.map((j) => j.title).join(', '),
                })}
              </span>
              <button
                type="button"
                className="btn"
                aria-expanded={asked === p.stripDown}
                aria-label={t('actOn', {
                  act: t('access.openTwice'),
                  what: accessOf(vehicleAccess, p.its.access).name,
                })}
                onClick={() => setAsked(asked === p.stripDown ? undefined : p.stripDown)}
              >
                {t('access.openTwice')}
              </button>
            </div>
            {asked === p.stripDown && (
              <SplitOffer
                stripDown={p.its}
                leaving={p.leaving.map((j) => j.id)}
                projectId={projectId}
                onDone={() => setAsked(undefined)}
              />
            )}
          </li>
        ))}
      </ul>
    </Part>
  )
}
