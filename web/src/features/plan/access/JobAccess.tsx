import { useState } from 'react'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, write } from '@/api/client'
import { useWrite } from '@/api/useWrite'
import { ProblemAlert } from '@/ui/page/Feedback'
import { accessQuery } from '@/api/queries'
import { accessOf } from './access'
import { AccessChoice } from './AccessChoice'

/** What a job needs to have open, and a change of it. */
export function JobAccess({ projectId, jobId }: { projectId: string; jobId: string }) {
  const { t } = useTranslation()
  const { data: access } = useQuery(accessQuery(projectId))
  const [choosing, setChoosing] = useState<string[]>()
  const save = useWrite(
    (accesses: string[], id) =>
      unwrap(api.PUT('/api/jobs/{jobId}/access', { params: { path: { jobId } }, body: { accesses }, ...write(id) })),
    { said: () => t('access.ofJobKept'), done: () => setChoosing(undefined) },
  )
  if (!access) return null
  const now = access.stripDowns.filter((o) => o.direct.includes(jobId)).map((o) => o.access)
  return (
    <div>
      <h3 className="font-semibold">{t('access.ofJob')}</h3>
      {choosing ? (
        <>
          <AccessChoice label={t('access.ofJob')} accesses={access.accesses} chosen={choosing} onChange={setChoosing} />
          <ProblemAlert error={save.error} />
          <button type="button" className="btn mt-2" disabled={save.isPending} onClick={() => save.mutate(choosing)}>
            {t('access.keepOwn')}
          </button>
        </>
      ) : (
        <p>
          {now.map((w) => accessOf(access, w).name).join(', ') || t('access.ofJobNone')}{' '}
          <button
            type="button"
            className="btn btn-ghost"
            aria-label={t('actOn', { act: t('access.change'), what: t('access.ofJob') })}
            onClick={() => setChoosing(now)}
          >
            {t('access.change')}
          </button>
        </p>
      )}
    </div>
  )
}
