import { useTranslation } from 'react-i18next'
import { aims, destinations, entryKinds, phases, systems } from '@/api/generated/enums'
import type { GroupedBy, Totals } from './queries'

type Group = Pick<Totals['groups'][number], 'key' | 'title'>

const isOne = <T extends string>(of: readonly T[], key: string): key is T => (of as readonly string[]).includes(key)

/** What a group is called: a job's title, a seller's name, or the word for its system, phase, standard or kind. */
export function useGroupName(by: GroupedBy): (group: Group) => string {
  const { t } = useTranslation()
  return ({ key, title }) => {
    if (title) return title
    if (key === '') return t('totals.noSeller')
    if (key === 'OTHER') return t('totals.OTHER')
    if (isOne(destinations, key)) return t(`destination.${key}`)
    if (by === 'SYSTEM' && isOne(systems, key)) return t(`system.${key}`)
    if (by === 'KIND' && isOne(entryKinds, key)) return t(`entryKind.${key}`)
    if (by === 'PHASE' && isOne(phases, key)) return t(`phase.${key}`)
    if (by === 'STANDARD' && isOne(aims, key)) return t(`aim.${key}`)
    return key
  }
}
