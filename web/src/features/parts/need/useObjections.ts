import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Schemas } from '@/api/client'

type Need = Schemas['Need']

const objectionsQuery = (projectId: string) => ({
  queryKey: ['needs', projectId, 'objections'],
  queryFn: () => unwrap(api.GET('/api/projects/{projectId}/needs/objections', { params: { path: { projectId } } })),
})

/** What stands against ordering a part, in words; what somebody waived is said with his reason. */
export function useObjections(need: Need | undefined) {
  const { t } = useTranslation()
  const { data } = useQuery({ ...objectionsQuery(need?.projectId ?? ''), enabled: need !== undefined })
  const against = (what: Schemas['ObjectionResponse']['objection']) =>
    data?.find((o) => o.needId === need?.id && o.objection === what)
  const pair = against('ONE_WHEEL')
  return {
    oneWheel: pair && t('parts.loneWheel', { count: pair.pieces! }),
    unopened: against('UNOPENED') && t('parts.unopened'),
    waived: [
      need?.pairWaiver && t('parts.oneWheel', { why: need.pairWaiver }),
      need?.holdWaiver && t('parts.orderedBefore', { why: need.holdWaiver }),
    ].filter((said) => !!said),
  }
}
