import { Link, useParams } from 'react-router'
import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { findingsQuery } from '@/api/queries'
import { SafetyMark } from '@/ui/safety/SafetyMark'
import { useFindingName } from '@/ui/format/names/findingNames'
import { useZoneNames } from '@/ui/format/names/zones'
import { remedyOf, type Blocker } from './road'

/** One thing that stands in the way, a press from its remedy. */
export function BlockerLine({ blocker: b }: { blocker: Blocker }) {
  const { t } = useTranslation()
  const { projectId = '' } = useParams()
  const title = useBlockerTitle(projectId)(b)
  return (
    <li className="flex items-center gap-2 py-1">
      <SafetyMark safety={b.gravity} word={false} />
      <span className="grow">
        <Link className="link" to={remedyOf(projectId, b)}>
          {t(`road.rule.${b.rule}`, { title, count: b.count, system: t(`system.${b.system}`) })}
        </Link>
      </span>
    </li>
  )
}

/** What a blocker is about, as the person calls it. */
function useBlockerTitle(projectId: string): (b: Blocker) => string {
  const { t } = useTranslation()
  const nameOf = useZoneNames(projectId)
  const { whole } = useFindingName(projectId, nameOf)
  const { data: findings } = useQuery(findingsQuery(projectId))
  return (b) => {
    if (b.remedy.kind === 'FINDING') {
      const f = findings?.find((x) => x.id === b.remedy.id)
      if (!f) return b.title
      return whole(f) + (f.zone === 'vehicle' && f.note ? ` (${f.note})` : '')
    }
    if (b.remedy.kind === 'READING') {
      const place = b.remedy.id.split(' ')[1] ?? ''
      return `${b.title}, ${place === 'road' || place === 'papers' ? t(`check.${place}`) : nameOf(place)}`
    }
    return b.title
  }
}
