import { useQuery } from '@tanstack/react-query'
import { sessionQuery, workSessionsQuery } from '@/api/queries'

/** One's own notes that are not ticked off, each by the job that most of its session went into. */
export function useNotes(projectId: string): { jobId: string; text: string }[] {
  const own = useQuery(sessionQuery).data?.me?.accountId
  const { data: all } = useQuery(workSessionsQuery(projectId))
  return (all ?? [])
    .filter((s) => s.accountId === own && s.noteToSelf && !s.noteDone)
    .flatMap((s) => (s.mostlyOn ? [{ jobId: s.mostlyOn, text: s.noteToSelf }] : []))
}
