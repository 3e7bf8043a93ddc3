import { useTranslation } from 'react-i18next'
import { api, unwrap } from '@/api/client'
import { TotalCheck } from '../budget/TotalCheck'
import type { GroupedBy } from './queries'

/** A total that somebody named for one group of the whole, against its lines. */
export function GroupCheck({
  projectId,
  by,
  group,
  currency,
}: {
  projectId: string
  by: GroupedBy
  group: string
  currency: string
}) {
  const { t } = useTranslation()
  return (
    <TotalCheck
      label={t('totals.typed', { currency })}
      currency={currency}
      of={[projectId, by, group]}
      ask={(typedMinor) =>
        unwrap(
          api.GET('/api/projects/{projectId}/totals/check', {
            params: { path: { projectId }, query: { by, key: group, typedMinor } },
          }),
        )
      }
    />
  )
}
