import { useQuery } from '@tanstack/react-query'
import { jobsQuery } from '@/api/queries'
import { Pick } from './named'

/** One of the jobs that are not over. @param none what no job means here; without it one has to be chosen */
export function JobPick({
  name,
  projectId,
  label,
  none,
  hint,
  except,
}: {
  name: string
  projectId: string
  label: string
  none?: string
  hint?: string
  except?: string
}) {
  const { data: work } = useQuery(jobsQuery(projectId))
  const open = work?.jobs.filter((j) => !j.over && j.id !== except) ?? []
  const title = new Map(open.map((j) => [j.id, `${j.code} ${j.title}`]))
  return (
    <Pick
      name={name}
      label={label}
      hint={hint}
      {...(none !== undefined && { none })}
      of={[...title.keys()]}
      say={(id) => title.get(id)!}
    />
  )
}
