import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import type { Schemas } from '@/api/client'
import { systems } from '@/api/generated/enums'
import { anatomyQuery, consumablesQuery, drawingQuery, jobsQuery } from '@/api/queries'
import type { NeedLine } from './needLines'

type System = (typeof systems)[number]
export type Assembly = System | 'USED_UP' | 'OTHER'

const order: Assembly[] = [...systems, 'OTHER', 'USED_UP']

/** Lines under what they belong to, as one walks round the vehicle; what is used up comes last. */
export function byAssembly(lines: NeedLine[], of: (need: Schemas['Need']) => Assembly) {
  return order
    .map((key) => ({ key, lines: lines.filter((line) => of(line.needs[0]!) === key) }))
    .filter((a) => a.lines.length > 0)
}

/** A part belongs to the system of its component, or else of the place where its job is done. */
export function useAssemblies(projectId: string) {
  const { t } = useTranslation()
  const { data: components } = useQuery(anatomyQuery(projectId))
  const { data: consumables } = useQuery(consumablesQuery)
  const { data: body } = useQuery(drawingQuery(projectId))
  const { data: work } = useQuery(jobsQuery(projectId))
  const of = (n: Schemas['Need']): Assembly => {
    if (consumables?.some((c) => c.id === n.item)) return 'USED_UP'
    const zone = work?.jobs.find((j) => j.id === n.jobId)?.zone
    return (
      components?.find((c) => c.id === n.item)?.system ??
      [...(body?.zones ?? []), ...(body?.others ?? [])].find((z) => z.id === zone)?.system ??
      'OTHER'
    )
  }
  const name = (key: Assembly) =>
    key === 'USED_UP' ? t('parts.usedUp') : key === 'OTHER' ? t('parts.otherParts') : t(`system.${key}`)
  return (lines: NeedLine[]) => byAssembly(lines, of).map((a) => ({ ...a, name: name(a.key) }))
}
