import { useQuery } from '@tanstack/react-query'
import { useParams } from 'react-router'
import { accessQuery, jobsQuery } from '@/api/queries'
import { Cautions } from '@/ui/safety/Cautions'
import { Interlocks } from '@/ui/safety/Interlocks'

/** Before the step that is at hand: its dangers, and what is made sure of, each by itself. */
export function BeforeStep({ jobId, access }: { jobId: string | undefined; access: string | undefined }) {
  const { projectId = '' } = useParams()
  const jobs = useQuery({ ...jobsQuery(projectId), enabled: !!jobId })
  const ways = useQuery({ ...accessQuery(projectId), enabled: !!access })
  const cautions = jobId
    ? jobs.data?.jobs.find((j) => j.id === jobId)?.cautions
    : ways.data?.accesses.find((w) => w.id === access)?.cautions
  return (
    <div className="grid gap-2 p-2">
      <Cautions cautions={cautions ?? []} />
      {jobId && <Interlocks jobId={jobId} />}
    </div>
  )
}
