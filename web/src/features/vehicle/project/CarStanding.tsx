import { useQuery } from '@tanstack/react-query'
import { useTranslation } from 'react-i18next'
import { isOver } from '../finding/findingMarks'
import { findingsQuery, jobsQuery } from '@/api/queries'

/** Where a car stands, in one line: what is open and how far the work is. */
export function CarStanding({ projectId }: { projectId: string }) {
  const { t } = useTranslation()
  const findings = useQuery(findingsQuery(projectId))
  const work = useQuery(jobsQuery(projectId))
  if (!findings.data || !work.data) return <span className="block min-h-6" />
  const open = findings.data.filter((f) => !isOver(f))
  const dangerous = open.filter((f) => f.safetyClass === 'A').length
  const jobs = work.data.jobs.filter((j) => j.state !== 'DROPPED')
  const done = jobs.filter((j) => j.state === 'VERIFIED').length
  return (
    <span className="mt-1 block">
      {findings.data.length === 0 ? t('projects.notLooked') : t('projects.openFindings', { count: open.length })}{' '}
      {dangerous > 0 && t('projects.dangerous', { count: dangerous })}{' '}
      {jobs.length > 0 && t('projects.jobsDone', { done, count: jobs.length })}
    </span>
  )
}
