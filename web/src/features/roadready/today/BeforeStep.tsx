import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { accessQuery, jobsQuery } from '@/api/queries'
import { Cautions } from '@/ui/safety/Cautions'
import { Interlocks } from '@/ui/safety/Interlocks'
import { OpenIt } from '@/ui/safety/OpenIt'

/** Before the work that is at hand: its dangers, and what is made sure of, each by itself. */
export function BeforeJob({ jobId }: { jobId: string }) {
  const { projectId = '' } = useParams()
  const { data } = useQuery(jobsQuery(projectId))
  return (
    <div className="grid gap-2 p-2">
      <Cautions cautions={data?.jobs.find((j) => j.id === jobId)?.cautions ?? []} />
      <Interlocks jobId={jobId} />
    </div>
  )
}

/** Before something is taken apart: its dangers and conditions are asked, and from then on it counts as open. */
export function BeforeAccess({ stripDown }: { stripDown: string }) {
  const { projectId = '' } = useParams()
  const { data } = useQuery(accessQuery(projectId))
  const its = data?.stripDowns.find((o) => o.stripDown === stripDown)
  const access = data?.accesses.find((w) => w.id === its?.access)
  if (!its || !access || its.openedOn) return null
  return (
    <div className="p-2">
      <OpenIt stripDown={its} access={access} projectId={projectId} />
    </div>
  )
}
