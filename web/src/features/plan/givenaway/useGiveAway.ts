import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'

/** Gives a job to somebody else, or says anew how. */
export function useGiveAway(jobId: string, done?: () => void) {
  const { t } = useTranslation()
  return useWrite(
    (body: Schemas['GiveAwayRequest'], id) =>
      unwrap(api.PUT('/api/jobs/{jobId}/given-away', { params: { path: { jobId } }, body, ...write(id) })),
    { said: () => t('givenAway.given'), done },
  )
}
