import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { api, unwrap, type Schemas } from '@/api/client'
import { useFormat } from '@/ui/format/format'

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
  const format = useFormat()
  const pair = against('ONE_WHEEL')
  const again = against('BOUGHT_AGAIN')
  const coming = against('COMING')
  const companions = against('WITHOUT_COMPANION')
  return {
    told: [
      coming &&
        (coming.names.length > 0 ? t('parts.comingFrom', { sellers: coming.names.join(', ') }) : t('parts.isHere')),
      companions && t('parts.companions', { what: companions.names.join(', ') }),
    ].filter((said) => !!said),
    oneWheel: pair && t('parts.loneWheel', { count: pair.pieces! }),
    unopened: against('UNOPENED') && t('parts.unopened'),
    again,
    boughtAgain:
      again &&
      [
        again.sumMinor === undefined
          ? t('parts.boughtAgain', { count: again.times! })
          : t('parts.boughtAgainFor', { count: again.times!, money: format.money(again.sumMinor, format.currency) }),
        again.failed
          ? t(again.failed === again.times ? 'parts.boughtAgainNone' : 'parts.boughtAgainFailed', {
              count: again.failed,
            })
          : '',
      ]
        .join(' ')
        .trim(),
    waived: [
      need?.pairWaiver && t('parts.oneWheel', { why: need.pairWaiver }),
      need?.holdWaiver && t('parts.orderedBefore', { why: need.holdWaiver }),
      need?.againWaiver && t('parts.orderedAgain', { why: need.againWaiver }),
    ].filter((said) => !!said),
  }
}
