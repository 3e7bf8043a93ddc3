import { useTranslation } from 'react-i18next'
import { api, unwrap, write, type Schemas } from '@/api/client'
import { useWrite } from '@/api/useWrite'

/** Keeps what a person says of a finding. */
export function useSayEstimate(findingId: string, onDone: () => void) {
  const { t } = useTranslation()
  return useWrite(
    (body: Schemas['EstimateRequest'], id) =>
      unwrap(api.PUT('/api/findings/{id}/estimate', { params: { path: { id: findingId } }, body, ...write(id) })),
    { said: () => t('estimate.saved'), done: onDone },
  )
}
