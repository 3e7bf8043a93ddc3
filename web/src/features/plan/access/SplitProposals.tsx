import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap } from '@/api/client'
import { Part } from '@/ui/Page'
import { wayOf, type Access } from './access'
import { SplitOffer } from './SplitOffer'

/** Openings that wait for a fixed time, though only some of their jobs have to. */
export function SplitProposals({ access, projectId }: { access: Access; projectId: string }) {
  const { t } = useTranslation()
  const [asked, setAsked] = useState<string>()
  const { data } = useQuery({
    queryKey: ['plan', projectId, 'splits'],
    queryFn: () => unwrap(api.GET('/api/projects/{projectId}/plan/splits', { params: { path: { projectId } } })),
  })
  const proposals = (data ?? []).flatMap((p) => {
    const opening = access.openings.find((o) => o.stay === p.stay)
    return opening ? [{ ...p, opening }] : []
  })
  if (proposals.length === 0) return null
  return (
    <Part title={t('access.couldBeTwo')}>
      <ul>
        {proposals.map((p) => (
          <li key={p.stay} className="border-b border-base-300 py-2 last:border-0">
            <div className="flex items-center gap-3">
              <span className="grow">
                {t('access.splitProposal', {
                  what: wayOf(access, p.opening.wayIn).name,
                  because: p.because.title,
                  jobs: p.leaving.map((j) => j.title).join(', '),
                })}
              </span>
              <button
                type="button"
                className="btn"
                aria-expanded={asked === p.stay}
                aria-label={`${t('access.openTwice')}: ${wayOf(access, p.opening.wayIn).name}`}
                onClick={() => setAsked(asked === p.stay ? undefined : p.stay)}
              >
                {t('access.openTwice')}
              </button>
            </div>
            {asked === p.stay && (
              <SplitOffer
                opening={p.opening}
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
