import type { ChangeEvent } from 'react'
import { useQuery } from '@tanstack/react-query'
import { jobsQuery } from '@/api/queries'
import { Choice } from './Field'

/** One of the jobs that are not over, or none. */
export function JobChoice({
  projectId,
  label,
  none,
  value,
  except,
  onChange,
}: {
  projectId: string
  label: string
  /** What no job means here. */
  none: string
  value: string
  except?: string
  onChange: (e: ChangeEvent<HTMLSelectElement>) => void
}) {
  const { data: work } = useQuery(jobsQuery(projectId))
  return (
    <Choice label={label} value={value} onChange={onChange}>
      <option value="">{none}</option>
      {work?.jobs
        .filter((j) => !j.over && j.id !== except)
        .map((j) => (
          <option key={j.id} value={j.id}>
            {j.code} {j.title}
          </option>
        ))}
    </Choice>
  )
}
